# frozen_string_literal: true

module YellowTrack
  module Practice
    # A symptom, findings at their price in minutes, and the cause to be named (handbook 13).
    # A door that is drawn has a cause, which nobody is told, and what would be found of it. Who asks gets findings
    # one by one, each at its minutes, and names the cause when he is sure: quickly is well, too early costs a trip.
    class WhatAils < Drill
      KEY, NAME = "what-ails", "What is wrong with it"
      LEARN = "What tells most for its minutes is asked first; a cause is named once it has nine tenths of it; where " \
        "none has, a few are mended in their order, or none of them fits. While anything tells with the door " \
        "hanging, it stays where it is."
      SETS = [{"family" => "bypass", "support" => "top-hung"}, {"family" => "bypass", "support" => "bottom-rolling"},
        {"family" => "bypass", "support" => "wall-hung"}, {"family" => "bifold"}, {"family" => "pocket"}].freeze
      SYMPTOMS = {1 => %w[scrapes stiff jumps], 2 => %w[scrapes stiff jumps end_low taper],
                  3 => %w[scrapes stiff jumps end_low taper rubs_head bounces],
                  4 => %w[scrapes stiff end_low taper rubs_head bounces handle wont_stay_shut],
                  5 => %w[scrapes stiff end_low taper rubs_head bounces rattles swings track_loose]}.freeze
      ASKED = {1 => 1..5, 2 => 1..7, 3 => 2..9, 4 => 3..12, 5 => 2..12}.freeze # findings that the best takes
      # What asking may come to: at the last levels a few are left, or none fits.
      ENDS = {1 => %w[named], 2 => %w[named], 3 => %w[named], 4 => %w[named few none], 5 => %w[few none named]}.freeze
      OUTSIDE = 4 # one of so many doors at the last levels has what no file knows
      ORDERS = 3 # causes that are told in orders
      # What is found in another way than the cause would have it, of ten.
      ODD = {1 => 0, 2 => 1, 3 => 2, 4 => 4, 5 => 6}.freeze
      NEAR = 0.05 # of the runner-up, in the end, at the last level
      OF = {1 => 4, 2 => 6, 3 => 9, 4 => 12, 5 => 12}.freeze # causes, the likeliest but one first
      LIKELY = 0.02 # share, before anything is asked, of a cause that is drawn
      TOLD = "the likeliest was named before it was asked"
      # What made-up doors do not have, so that a drill asks nothing about them.
      LACKING = %w[neighbour damper half_jamb infill].to_h { |thing| [thing, false] }.freeze

      private

      def file = "service"

      # No finding yet: what is found is given out as it is asked for.
      def drawn
        set = site.pick(SETS)
        {"format" => "yellow-track/service", "version" => 2, **set, "set" => LACKING, "door_down" => false,
         "symptoms" => [site.pick(SYMPTOMS.fetch(level))], "findings" => {}}
      end

      # A symptom that is not said of such a set is at fault in its file: another is drawn.
      def draw
        @document = drawn
        @told = @subject = @read.call(file, @document)
        cause = site.pick(likely)
        @door = cause && PlayedDoor.new(@told, cause, found(cause), most: ASKED.fetch(level).max)
        return unless @door&.best && ASKED.fetch(level).cover?(@door.best.length)

        return unless ENDS.fetch(level).include?(@door.after(@door.best).state)

        @document = @document.merge("findings" => @door.answers.slice(*@door.best))
        posed(@door, parts(@door)) if level < 5 || near?
      rescue Faults
        nil
      end

      # Causes that it may be, but for the one that is named without asking; at the last levels one that no file
      # knows, too.
      def likely
        return [@told.knowledge.none] if level >= 4 && site.random.rand(OUTSIDE).zero?

        known.drop(1).first(OF.fetch(level)).select { |one| one.share >= LIKELY }.map(&:cause)
      end

      # Those that have a name; "none of these" is offered by itself, at the end of the list.
      def known = @told.causes.reject { |one| one.cause.none? }

      # What would be found under a cause: mostly what it has most, at times another.
      def found(cause)
        @told.fitting.to_h do |finding|
          chances = @told.likelihoods.of(finding, cause)
          [finding.key, (site.random.rand(10) < ODD.fetch(level)) ? drawn_by(chances) : chances.max_by(&:last).first]
        end
      end

      # One of them at random, as often as its chance: nine of ten in one place say yes, the tenth no.
      def drawn_by(chances)
        left = site.random.rand * chances.values.sum
        chances.find { |_, chance| (left -= chance) <= 0 }&.first || chances.keys.last
      end

      # Whether another cause is still near in the end.
      def near? = @door.after(@door.best).then { |now| !now.named? || now.causes[1].share >= NEAR }

      def asked(_set) = "What is wrong with it? Ask what tells, then name the cause."

      def play = @door

      # How it hangs and what is said of it: all that somebody knows who stands before it for the first time.
      def given(_door)
        {"the door" => @document["support"] || @document["family"], "it is said" => @told.door.said.first.label}
      end

      # One answer, marked by what was asked before it too (CauseMark).
      def parts(door)
        answer = CauseMark::Said.new(door.best, door.come_to)
        [Part.new(key: "cause", label: "the cause", kind: :cause, answer:, options: options(door),
          slips: [Slip.new(TOLD, CauseMark::Said.new([], door.likeliest))], stands_on: door, why: why(door))]
      end

      # What may be said: each cause, a few of the nearest in an order, that it is none of these.
      def options(door)
        names = known.map(&:cause).sort_by(&:label).to_h { |cause| [cause.key, cause.label] }
        near = door.after(door.best).causes.map(&:cause).reject(&:none?).first(ORDERS).map(&:key)
        orders = [2, ORDERS].flat_map { |count| near.permutation(count).to_a } | [door.come_to.split(PlayedDoor::THEN)]
        told = orders.select { |keys| keys.length > 1 }.to_h { |keys|
          [keys.join(PlayedDoor::THEN), keys.map { |key| names.fetch(key) }.join(", then ")]
        }
        none = @told.knowledge.none
        {**names, **told.sort_by(&:last).to_h, none.key => "#{none.label}: look by hand"}
      end

      # What the best way asks, one by one, what that came to, and in how many minutes.
      def why(door)
        asked = door.after(door.best).taken.map { |one| "#{one.finding.ask} #{one.answer.tr("_", " ")}" }
        "#{asked.join("; ")}: #{came(door.after(door.best))} in #{door.best_minutes} minutes."
      end

      # What asking came to, in words.
      def came(now)
        share = ->(one) { "#{(one.share * 100).round} %" }
        return share.call(now.first) if now.named?
        return "none of the known causes fits, #{share.call(now.none)} for none of them," if now.mends.empty?

        few = now.causes.select { |one| now.mends.include?(one.cause) }
        "no more tells, #{few.map { |one| "#{one.cause.label} #{share.call(one)}" }.join(", ")}; by share for minutes"
      end
    end
  end
end
