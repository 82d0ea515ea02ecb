# frozen_string_literal: true

module YellowTrack
  # The steps that hang this very set, with its own numbers in them (handbook 8, "Order of hanging"). What the steps of
  # a manner of hanging are, and what comes before what, is data; which of them a set needs (There), in which order
  # (Order, handbook 18), and its numbers (Names), are worked out here.
  class Steps
    # One step.
    #
    # key    names it, with its place and its round where it is done again: "hang.1", "paint.2"
    # does   what to do; look, what to look at
    # hands  how many people; lifts, whether it is a panel that they lift
    # cautions keys of those that stand by it
    # waits  the trade it waits for, or nil
    # dries  hours that it has to dry; nil for none
    # dry    {"step", "hours", "what"}: what has to have dried before it, or nil
    # after  keys of the steps that are over before it; bites, what happens otherwise
    # place  what is drawn of it, or nil; sums, keys of its working
    # goes   the stage that says more, or nil
    # loop   whether it belongs to the trial hang
    # part   its lane, pair, leaf or treatment; nil where it is done once
    Step = Struct.new(:key, :does, :look, :hands, :lifts, :cautions, :waits, :dries, :dry, :after, :bites, :place,
      :sums, :goes, :loop, :part, keyword_init: true) do
      # Its name in the data, without its place and its round.
      def base = key[/\A[a-z-]+/]
    end

    LONG_TRACK = 1800 # mm; a longer one takes two
    HOUR = 3600 # seconds

    # Cautions that a panel with glass adds to, and one that an old slab adds to.
    GLASS = %w[lifting taking_down cutting].freeze
    OLD_PAINT = %w[cutting].freeze

    # What is done over with every round of the trial hang.
    LOOPED = %w[trial off paint rehang].freeze

    # Sums of which a step has one for every place.
    EVERY = {"guides" => /guide_at\z/, "stops" => /\Atrack\.stops\./, "soft_close" => /\Asoft_close\./,
             "lanes" => /\Adepth\.lanes\./, "rails_in" => /\Adepth\.rails\./, "guides_in" => /\Adepth\.guides\./,
             "hinges" => /\Afittings\.hinges\./}.freeze

    # When what a step waits for has dried.
    #
    # @param painted [Time]
    # @param step [Step] with its hours of drying
    # @return [Time]
    def self.dry_from(painted, step) = painted + step.dry["hours"] * HOUR

    # What the data has of the steps that a set needs, in no order: all that is known without its numbers.
    #
    # @param plan [Plan] with a set
    # @param sheet [Hash] steps of its manner of hanging
    # @return [Array<Hash>]
    def self.needed(plan, sheet, there = There.new(plan))
      sheet.fetch("steps").select { |step| there.has?(step["key"]) }
    end

    # @return [Array<Step>] in their order
    attr_reader :steps

    # @param plan [Plan] with a set
    # @param sheet [Hash] steps of its manner of hanging, and their order, as data
    # @param printer [Length::Printer] writes their numbers
    # @param rounds [Integer] how often the trial hang is done
    def initialize(plan, sheet, printer, rounds: 1)
      @there = There.new(plan)
      @names = Names.new(plan, printer, @there)
      data = Steps.needed(plan, sheet, @there).to_h { |step| [step["key"], step] }
      @order = Order.new(sheet.fetch("order"),
        Order::Case.new(manner: set.manner.key, once: @there.once?, tongue: @there.tongue), data.keys)
      @data = data
      @steps = in_rounds(data.values_at(*@order.keys), rounds).freeze
      freeze
    end

    # Those that should be over before a step and are not done yet.
    #
    # @param step [Step]
    # @param done [Array<String>] keys
    # @return [Array<Step>]
    def early(step, done)
      steps.select { |other| !done.include?(other.key) && step.after.include?(other.key) }
    end

    # What has to be over before a step, by its name in the data.
    #
    # @return [Array<String>]
    def needs(base) = @order.needs(base)

    private

    def set = @names.set

    # The steps of the trial stand in one stretch, which is done over. What else
    # stands among them (a covering to be laid) is done once, with the last.
    def in_rounds(needed, rounds)
      looped = needed.select { |step| LOOPED.include?(step["key"]) }
      return needed.flat_map { |step| each(step, 1) } if looped.empty?

      first, last = needed.index(looped.first), needed.index(looped.last)
      loop = (1..rounds).flat_map do |round|
        needed[first..last].select { |step| looped.include?(step) || round == rounds }
          .flat_map { |step| each(step, looped.include?(step) ? round : 1, rounds) }
      end
      needed[0...first].flat_map { |step| each(step, 1, rounds) } + loop +
        needed[(last + 1)..].flat_map { |step| each(step, 1, rounds) }
    end

    # One step, or one of it for every lane, pair, leaf or treatment.
    def each(step, round, last = round)
      parts(step).each_with_index.map { |part, place| made(step, part, step["each"] && place + 1, round:, last:) }
    end

    def parts(step) = step["each"] ? @names.public_send(step["each"].to_sym) : [{}]

    def made(step, part, place, round:, last:)
      after = after(step, round, last)
      Step.new(key: [step["key"], place, (round if round > 1)].compact.join("."), does: does(step, part),
        look: @names.fill(step["look"], part), hands: @names.hands(step["hands"]), lifts: step["hands"] == "panel",
        cautions: cautions(step["caution"]), waits: step["waits"], dries: dries(step)&.fetch("hours"),
        dry: dry(after), after:, bites: step["bites"], place: step["place"], sums: sums(step), goes: step["goes"],
        loop: LOOPED.include?(step["key"]), part: part["part"]).freeze
    end

    def does(step, part)
      more = step["finished"] if @there.finished?
      [@names.fill(step["do"], part), *more].join(" ")
    end

    def cautions(own)
      own = [*own]
      [*own, ("glass" if (GLASS & own).any? && set.makeup.fragile?),
        ("old_paint" if (OLD_PAINT & own).any? && @there.old?)].compact.uniq
    end

    def sums(step)
      keys = set.work.entries.map(&:key)
      (step["sums"] || []).flat_map { |key| EVERY[key] ? keys.grep(EVERY[key]) : key } & keys
    end

    # How long it has to dry, and what; nil for nothing.
    def dries(step) = step["dries"]&.then { |dries| dries if dries["when"].nil? || @there.block? }

    # Of what is over before it the one that dries longest.
    def dry(after)
      after.filter_map { |key| dries(@data.fetch(key[/\A[a-z-]+/]))&.slice("hours", "what")&.merge("step" => key) }
        .max_by { |one| one["hours"] }
    end

    # Every row of what it needs. Within the trial a step follows those of its own round; after it, those of the last.
    def after(step, round, last)
      needs(step["key"]).flat_map do |key|
        of = if LOOPED.include?(key)
          LOOPED.include?(step["key"]) ? round : last
        else
          1
        end
        other = @data.fetch(key)
        parts(other).each_index.map { |place| [key, other["each"] && place + 1, (of if of > 1)].compact.join(".") }
      end
    end
  end
end
