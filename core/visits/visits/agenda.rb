# frozen_string_literal: true

module YellowTrack
  class Visits
    # The steps of one opening in time (handbook 14, "The steps of a job"): the rows of
    # data/visits.yml that it needs, with its own minutes, hands and waits, as a work file
    # has them.
    class Agenda
      # A row of the data. id names its figures: "frame.pocket.double".
      Row = Struct.new(:key, :for, :when, :what, :place, :minutes, :days, :hands, :after, :waits, :ticks, :load,
        keyword_init: true) do
        # @return [String] "hang.A": the same for as long as the work is, whatever its date
        def id = [key, *self.for, *self.when].join(".").tr("!", "")

        # Whether an opening takes it.
        def fits?(facts)
          hung = self.for ? self.for.include?(facts.kind) : facts.kind != SERVICE
          hung && (self.when || []).all? do |has|
            has.start_with?("!") ? !facts.has.include?(has[1..]) : facts.has.include?(has)
          end
        end

        # The figures that a house can set: "once", "panel" of its minutes, "days" of
        # others, the wait after a step, by name.
        def figures
          {**(minutes || {}).transform_keys { |unit| "minutes.#{unit}" }, **{"days" => days}.compact,
           **(waits || {}).to_h { |after, wait| ["wait.#{after}", wait.values.first] }}.except("wait.mend")
        end
      end

      SERVICE = "service"
      LONG = 2400 # mm; a longer track takes two
      TWO = 2 # hands at the saw, at most
      LOOK_BACK = 42 # days
      # What a row's minutes are counted by, in its sum.
      COUNTED = {"panel" => "panels", "pair" => "pairs", "leaf" => "leaves", "lane" => "lanes",
                 "packed" => "packed jambs", "metre" => "width", "mend" => "mends"}.freeze

      # What an opening says of itself.
      #
      # letter  of the opening
      # kind    how it hangs: a manner's key, or "service"
      # has     names of `when` that it has
      # counts  panel, pair, leaf, lane, packed, metre, mend: how many
      # hands   that lift its heaviest panel
      # long    whether its track takes two
      # dry     hours that a mend takes to dry
      # mend_hands  that the mend takes
      Facts = Struct.new(:letter, :kind, :has, :counts, :hands, :long, :dry, :mend_hands, keyword_init: true)

      # @return [Hash{String => Row}] its rows, by their keys
      attr_reader :rows

      # @param rows [Array<Row>]
      # @param facts [Facts]
      # @param figures [Hash{String => Numeric}] the house's, by "row's id.figure"
      def initialize(rows, facts, figures = {})
        @facts, @figures = facts, figures
        @rows = rows.select { |row| row.fits?(facts) }.uniq(&:key).to_h { |row| [row.key, row] }
        @work = Working.new(@rows)
      end

      # @param ended [Hash{String => String}] when a step was over, as a work file has
      #   it: what comes before it was over then too
      # @param dates [Hash{String => String}] days that others are promised for
      # @return [Array<Hash>] of a work file
      def steps(ended: {}, dates: {})
        over = carried_back(ended)
        rows.values.map { |row| step(row, over[row.key], dates[row.key]) }
      end

      # Minutes of a row, rounded down; 1 at least. Worked out and written down in one act.
      def minutes(row)
        return work[row.key].value if work[row.key]

        formula = row.minutes.keys.map { |unit|
          (unit == "once") ? "fixed" : "each × #{COUNTED.fetch(unit)}"
        }.join(" + ")
        work.sum(row.key, "#{row.what.capitalize}, minutes", "most(down(#{formula}, 1), 1)", unit: "min",
          **row.minutes.keys.reduce({}) { |all, unit| all.merge(terms(row, unit)) },
          why: "The house's figures; the usual ones stand beside them among its days and hours.")
      end

      # @return [Working] the sums of its minutes, by the keys of its rows
      attr_reader :work

      # What a row comes after here: keys.
      def after(row) = (row.after || []).filter_map { |one| Array(one).find { |key| rows.key?(key) } }

      private

      # What a sum takes of a unit: the house's figure, and how many.
      def terms(row, unit)
        each = Working::Plain.new(figure(row, "minutes.#{unit}"), " min")
        return {fixed: each} if unit == "once"

        count = @facts.counts.fetch(unit, 0)
        {:each => each,
         COUNTED.fetch(unit).tr(" ", "_").to_sym => (unit == "metre") ? Working::Plain.new(count, " m") : count}
      end

      def figure(row, name) = @figures["#{row.id}.#{name}"] || row.figures.fetch(name)

      def step(row, over, date)
        {"key" => name(row.key), "opening" => @facts.letter, "what" => row.what, "place" => row.place,
         **time(row, date), "after" => after(row).map { |key| after_one(row, key) },
         "ended" => over, "look_back" => (LOOK_BACK if row.key == "over")}.compact
      end

      def name(key) = "#{@facts.letter}-#{key}"

      def time(row, date)
        return {"minutes" => minutes(row), "hands" => hands(row)} unless row.place == "other"

        date ? {"done" => date} : {"days" => figure(row, "days").to_i}
      end

      def hands(row)
        case row.hands
        when "panel" then @facts.hands
        when "two" then [@facts.hands, TWO].min
        when "track" then @facts.long ? TWO : 1
        when "mend" then @facts.mend_hands || @facts.hands
        else row.hands
        end
      end

      def after_one(row, key)
        unit = row.waits&.dig(key)&.keys&.first
        long = unit && ((key == "mend") ? @facts.dry : figure(row, "wait.#{key}"))
        {"step" => name(key), "wait" => long && {unit => long}}.compact
      end

      # A step that was over says that all before it were, at the latest then; of others
      # it says nothing: doors are hung for trial before a covering is laid.
      def carried_back(ended)
        over = ended.slice(*rows.keys)
        rows.keys.reverse_each do |key|
          next unless over[key]

          after(rows[key]).each { |one| over[one] ||= over[key] unless laid?(rows[one]) }
        end
        over
      end

      # Whether it is of others, and ticked by itself.
      def laid?(row) = row.place == "other" && !row.ticks.nil?
    end
  end
end
