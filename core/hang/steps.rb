# frozen_string_literal: true

module YellowTrack
  # The steps that hang this very set, with its own numbers in them
  # (handbook 8, "Order of hanging"). What the steps of a manner of hanging are
  # is data; which of them a set needs, and its numbers, are worked out here.
  class Steps
    # One step.
    #
    # key    names it, with its round where the trial is done again: "paint.2"
    # does   what to do; look, what to look at
    # hands  how many people; lifts, whether it is a panel that they lift
    # cautions keys of those that stand by it
    # waits  the trade it waits for, or nil
    # dry    {"step", "hours", "what"}: what has to have dried, or nil
    # after  keys of the steps it should follow; bites, what happens otherwise
    # place  what is drawn of it, or nil; sums, keys of its working
    # goes   the stage that says more, or nil
    # loop   whether it belongs to the trial hang
    Step = Struct.new(:key, :does, :look, :hands, :lifts, :cautions, :waits, :dry, :after, :bites, :place, :sums,
      :goes, :loop, keyword_init: true) do
      # Its name in the data, without its place and its round.
      def base = key[/\A[a-z-]+/]
    end

    LONG_TRACK = 1800 # mm; a longer one takes two

    # What a set has to have for a step.
    WHEN = {
      "packing" => ->(set) { set.track.packed? },
      "groove" => ->(set) { set.grooved? },
      "loop" => ->(set) { set.opening["order"] != "finish" },
      "covering" => ->(set) { set.brief.figures.covering.positive? },
      "covering_under" => ->(set) { set.brief.figures.standing.positive? },
      "covering_up_to" => ->(set) { set.brief.figures.standing < set.brief.figures.covering },
      "guides_stand" => ->(set) { set.guides.places.any? },
      "tongue" => ->(set) { set.guides.tongue? },
      "built_head" => ->(set) { Prepare::BuiltDownHead.framed?(set) },
      "framed" => ->(set) { !set.framed.nil? },
      "pelmet" => ->(set) { !set.pelmet.nil? },
      "soft_close" => ->(set) { !set.soft_close.nil? },
      "on_site" => ->(set) { set.opening["height_cut"] == "site" },
      "strip" => ->(set) { (set.opening["base_strip"] || 0).positive? },
      "board" => ->(set) { set.wall.board? == true },
      "standoff" => ->(set) { set.wall.standoff.positive? },
      "half_jamb" => ->(set) { set.planted.positive? },
      "two_pairs" => ->(set) { set.two_pairs? }
    }.freeze

    HOUR = 3600 # seconds

    # Cautions that a panel with glass adds to.
    LIFTS = %w[lifting taking_down].freeze

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

    # @return [Array<Step>] in their order
    attr_reader :steps

    # @param plan [Plan]
    # @param sheet [Array<Hash>] the steps of its manner of hanging, as data
    # @param printer [Length::Printer] writes their numbers
    # @param rounds [Integer] how often the trial hang is done
    def initialize(plan, sheet, printer, rounds: 1)
      @set = plan.set
      @names = Names.new(plan, printer)
      needed = sheet.select { |step| step["when"].nil? || WHEN.fetch(step["when"]).call(@set) }
      @keys = needed.map { |step| step["key"] }
      @expanded = needed.select { |step| step["each"] }.map { |step| step["key"] }
      @steps = in_rounds(needed, rounds).freeze
      freeze
    end

    # Those it should follow that are not done yet.
    #
    # @param step [Step]
    # @param done [Array<String>] keys
    # @return [Array<Step>]
    def early(step, done)
      steps.select do |other|
        !done.include?(other.key) && step.after
          .any? { |key| other.key == key || (@expanded.include?(key) && other.key.start_with?("#{key}.")) }
      end
    end

    private

    # The steps of the trial stand in one stretch, which is done over. What else
    # stands among them (a covering to be laid) is done once, with the last.
    def in_rounds(needed, rounds)
      first = needed.index { |step| step["loop"] }
      return needed.flat_map { |step| each(step, 1) } unless first

      last = needed.rindex { |step| step["loop"] }
      loop = (1..rounds).flat_map do |round|
        needed[first..last].select { |step| step["loop"] || round == rounds }.flat_map do |step|
          each(step, step["loop"] ? round : 1)
        end
      end
      needed[0...first].flat_map { |step| each(step, 1, rounds) } + loop + needed[(last + 1)..]
        .flat_map { |step| each(step, 1, rounds) }
    end

    # One step, or one of it for every lane, pair or leaf.
    def each(step, round, last = round)
      parts = step["each"] ? @names.public_send(step["each"].to_sym) : [{}]
      parts.each_with_index.map { |part, place| made(step, part, step["each"] && place + 1, round:, last:) }
    end

    def made(step, part, place, round:, last:)
      key = [step["key"], place, (round if round > 1)].compact.join(".")
      Step.new(key:, does: @names.fill(step["do"], part), look: @names.fill(step["look"], part),
        hands: @names.hands(step["hands"]), lifts: step["hands"] == "panel",
        cautions: cautions(step["caution"]), waits: step["waits"], dry: dry(step, round),
        after: after(step, round, last),
        bites: step["bites"],
        place: step["place"], sums: sums(step), goes: step["goes"], loop: step["loop"] == true).freeze
    end

    def cautions(own) = [*own, ("glass" if (LIFTS & [*own]).any? && @set.makeup.fragile?)].compact

    def sums(step)
      (step["sums"] || []).flat_map { |key| EVERY[key] ? @set.work.entries.map(&:key).grep(EVERY[key]) : key }
    end

    def dry(step, round) = step["dry"]&.merge("step" => in_round(step["dry"]["step"], round))

    # Within the trial a step follows those of its own round; after it, those
    # of the last.
    def after(step, round, last)
      ((step["after"] || []) & @keys).map { |key|
        if LOOPED.include?(key)
          in_round(key, step["loop"] ? round : last)
        else
          key
        end
      }
    end

    LOOPED = %w[trial off paint rehang].freeze
    private_constant :LOOPED

    def in_round(key, round) = (round > 1) ? "#{key}.#{round}" : key
  end
end
