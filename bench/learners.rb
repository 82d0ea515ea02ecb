# frozen_string_literal: true

module YellowTrack
  module Bench
    # A made-up learner: he misreads every reading by a little, and makes each slip of a
    # question's list now and then, unless he sees by its size that it cannot be. Round
    # readings he reads right. What he loses of the points, by level.
    class Learners
      SEEDS = 60
      NOISE = 0.7 # mm, the spread of a reading
      SLIP = 0.08 # how often he makes each slip
      SEEN = 60.0 # mm off, from which he sees it as good as always
      ROUND = 10.0 # mm, what readings of the first level are whole steps of
      SURE = 0.9 # of the times
      EARLY = 0.6 # share from which he names a cause
      OTHER = 0.25 # how often he asks what tells less
      MOST_ASKED = 12
      EYE = 0.25 # of a time, the spread of what he takes it for
      READ = %w[widths heights diagonals leans].freeze

      # @return [Array<String>] a line of figures each
      def call
        rows = Practice::Drills.all.keys.map { |key| [key, *Practice::Drills::LEVELS.map { |level| lost(key, level) }] }
        mean = Practice::Drills::LEVELS.map { |level| rows.sum { |row| row[level] } / rows.length }
        [*rows, ["all drills", *mean]].map { |row| line(*row) }
      end

      private

      def line(key, *lost)
        format("lost by a learner: %-16s %s   level 5 over level 1 %5.2f", key,
          lost.map { |share| format("%5.1f %%", share * 100) }.join(" "), lost.last / [lost.first, 0.001].max)
      end

      # Share of the points.
      def lost(key, level)
        random = Random.new(level)
        points = Array.new(SEEDS) do |seed|
          drill = Practice::Drills.all.fetch(key).new(level, seed, Files::Commands.method(:read))
          question = drill.question
          Practice::Round.points(marks(question, drill, random)).to_f
        end
        1 - points.sum / (SEEDS * Practice::Mark::MOST)
      end

      def marks(question, drill, random)
        seen = misread(drill, question, random)
        question.parts.map do |part|
          Practice::Mark.of(part, said(part, seen&.find { |one| one.key == part.key }, random), question)
        end
      end

      # What he says: a slip, else what he would by what he read; where that asks something
      # else, whatever slip comes first.
      def said(part, seen, random)
        return played(part, random) if part.kind == :turns
        return asked(part.stands_on, random) if part.kind == :cause

        slip = part.slips.find { |one| random.rand < SLIP && !noticed?(part, one, random) }
        return slip.value if slip
        return seen.answer if seen

        part.slips.first&.value || part.answer
      end

      # Moves until he reads even gaps: a slip at first, then what the gaps as read ask for.
      def played(part, random)
        bench = part.stands_on
        moves = []
        until bench.over?(moves)
          slip = moves.empty? && part.slips.find { random.rand < SLIP }
          move = slip ? slip.value.first : turned(bench, moves, random)
          break if move.all?(&:zero?)

          moves += [move]
        end
        moves
      end

      def turned(bench, moves, random)
        hung = bench.after(moves)
        seen = bench.hung(hung.read.merge("gaps" => hung.read["gaps"].transform_values { |gap| gap_read(gap, random) }))
        YellowTrack::Adjust::Controls.of(seen, seen.answer, Length::Printer.fine(:mm)).suggested.values
      end

      # By half a millimetre, at the first level by a whole one; less of a spread than a tape's.
      def gap_read(gap, random, level: 5)
        parts = (level == 1) ? 1r : 2r
        [((gap + noise(random) / 2) * parts).round / parts, 0r].max
      end

      # Now and then something that tells less, and a name before it is sure.
      def asked(door, random)
        asked = []
        until door.after(asked).first.share >= EARLY || asked.length >= MOST_ASKED
          now = door.after(asked)
          other = now.next.nil? || random.rand < OTHER
          finding = other ? door.askable(asked).sample(random:) : now.next.finding
          break unless finding

          asked += [finding.key]
        end
        Practice::CauseMark::Said.new(asked, door.after(asked).first.cause.key)
      end

      def noticed?(part, slip, random)
        part.length? && random.rand < [(slip.value - part.answer).abs / SEEN, SURE].min
      end

      # His answers by what he read. Bars are read as they are written; of a job he takes each
      # time by eye.
      def misread(drill, question, random)
        case question.file
        when "plan" then drill.misread(noisy(question, random))
        when "move"
          gaps = question.document["gaps"].transform_values { |gap| gap_read(gap, random, level: question.level) }
          drill.misread(question.document.merge("gaps" => gaps))
        when "visits" then drill.misread(question.document.merge("steps" => by_eye(question, random)))
        else question.parts
        end
      rescue Fault, Faults
        nil
      end

      def by_eye(question, random)
        question.document["steps"].map do |step|
          after = step["after"]&.map do |one|
            one["wait"] ? one.merge("wait" => {"hours" => taken(one["wait"]["hours"], random)}) : one
          end
          {**step, **step.slice("minutes", "days").transform_values { |time| taken(time, random) },
           **(after ? {"after" => after} : {})}
        end
      end

      def taken(time, random) = [(time * (1 + noise(random) * EYE)).round, 1].max

      # Readings in their own unit, as near as its grain.
      def noisy(question, random)
        survey = question.document["survey"]
        grain = (question.units == "in") ? 1 / 16.0 : 1
        read = survey.slice(*READ).transform_values do |values|
          values.transform_values { |value| value + (noise(random) / step(question)).round * grain }
        end
        question.document.merge("survey" => survey.merge(read))
      end

      # What readings are whole steps of, mm.
      def step(question) = (question.level == 1) ? ROUND : question.grain.to_f

      # About normal.
      def noise(random) = (Array.new(6) { random.rand }.sum - 3) * NOISE * Math.sqrt(2)
    end
  end
end
