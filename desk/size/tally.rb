# frozen_string_literal: true

module YellowTrack
  module Desk
    # A set's numbers, part by part: which numbers stand together, which checks
    # concern them, which choices bite there. Each motion has its own parts.
    class Tally
      include SoftCloseRows
      include SlabRows
      include Groups
      include Choices

      # One number: name, figure (parts as View#figure takes them), the words
      # behind it, its workings, the checks that concern it, and the lines under
      # it where they are not its first working's sum.
      Row = Struct.new(:name, :figure, :after, :keys, :codes, :line, keyword_init: true)

      HANDS = {1 => "one can lift it", 2 => "two to lift it", 3 => "three to lift it, or a lifter"}.freeze

      # A number as a paper has it: its name, the figure with its words, and a line for each sum.
      Line = Struct.new(:name, :figure, :after, :sums, keyword_init: true) do
        # The figure in one line of plain text.
        def text = [*figure, after].join(" ").strip
      end

      # @param opening [Desk::KeptOpening] with a plan
      # @return [Array<Line>] all its numbers, in working order
      def self.lines(opening)
        of(opening).all.map do |row|
          sums = row.line || [opening.plan.working[row.keys.first]&.short(opening.printer)]
          Line.new(name: row.name, figure: row.figure, after: row.after, sums: sums.compact)
        end
      end

      # @return [Hash{Symbol => Class}] by how the panels go
      def self.kinds = @kinds ||= {slide: Sliding, fold: Folding, pocket: Pocketed}.freeze

      # @param opening [Desk::KeptOpening]
      def self.of(opening) = kinds.fetch(opening.kit.manner.motion).new(opening)

      # @param opening [KeptOpening]
      def initialize(opening)
        @opening = opening
        @plan = opening.plan
        @set = @plan&.set
      end

      # @return [Array<Row>] of a part; the first part also has the checks that
      #   concern no number of the others, so that none is out of sight
      def rows(part)
        (@rows ||= {})[part] ||= own_rows(part).tap do |rows|
          rows.first.codes += strays if part == parts.first && rows.any?
        end
      end

      # @return [Array<Row>] of all its parts
      def all = parts.flat_map { |part| rows(part) }

      # Size, weight and place of the panels.
      def panels
        names = @set.panels.map(&:name).join(", ")
        [row("Panel#{"s" if @set.panels.length > 1} #{names}", [cut(@set.width), :"wide ×", cut(@set.height)], "high",
          keys: %w[panels.width panels.height sizing.width sizing.height run panels.thickness],
          line: [sum("panels.width"), sum("panels.height")],
          codes: %w[height tall thickness width].map { |code| "#{family}.#{code}" } +
            %w[survey.suspect survey.lone survey.range survey.spread survey.taper]),
          build,
          weight]
      end

      # What one of them weighs; not said is not known.
      def weight
        return unweighed unless @set.weight

        row("Each weighs", [kilos(@set.weight), :kg], HANDS.fetch(@set.hands), keys: %w[panels.weight panels.hands],
          codes: ["#{family}.weight"])
      end

      # That a panel is to be weighed: nobody said what it is made of.
      def unweighed
        row("Each weighs", ["–"], Makeup::WEIGH_IT, keys: %w[panels.hands], codes: [Makeup::Checks::CODE], line: [])
      end

      # Where the closed panels stand, and what is left between those that meet.
      def stand
        [row("Panels at", [list(@set.panels.map(&:x))], "their left edges, closed",
          keys: @set.panels.map { |panel| "panels.#{panel.name}.x" },
          line: ["from the left jamb's foot"]), meets].compact
      end

      # Where panels of one lane meet; nil where none do.
      def meets
        return if @set.left_open.empty?

        row("Meet", [derived(@set.left_open.last)], "where they meet", keys: %w[meets.gap kit.meet_gap run.middle],
          codes: %w[bypass.meet])
      end

      # From the track down to a panel's top, its adjusters at mid.
      def hangs
        key = %w[pivots.head_allowance kit.head_allowance kit.drop].find { |one| @plan.working[one] } or return
        row("Hangs", [derived(value(key))], "from the track's face to a panel's top",
          keys: [key, "kit.drop", "kit.head_allowance"].uniq, line: [])
      end

      # What has to be built for panels that are not cut.
      def build
        build = @set.heights.build or return
        figure = (build.verdict == "build") ? [derived(build.head + build.strip)] : [build.verdict.to_sym]
        where = build.strip.positive? ? "under the rail" : "down at the head"
        row("To build", figure, (build.verdict == "build") ? where : "the panels as they come",
          keys: %w[build.needed build.least build.most build.built], codes: %w[height.tall height.build])
      end

      # How wide and high an opening these panels want.
      def wanted
        wanted = @set.wanted or return
        row("Want an opening", [derived(wanted.width[:design]), :×, derived(wanted.height[:design])],
          "finished",
          keys: %w[width height].product(%w[design least most]).map { |side, name| "frame.#{side}.#{name}" } +
            %w[frame.rough.width frame.rough.height])
      end

      # How far each jamb is packed where it hangs plumb, and in all where panels are
      # too narrow.
      def packed
        packing = @set.jamb_packing or return
        range, at = packing.range, packing.at
        [(if range
            row("Pack in all", [derived(range[:design])],
              "#{@opening.printer.range(range[:least], range[:most])} will do",
              keys: %w[packing.design packing.least packing.most])
          end),
          (if at
             row("Jambs packed", [derived(at[:left].values.max), :and, derived(at[:right].values.max)],
               "at the most, left and right",
               keys: %w[left right].product(%w[bottom top]).map { |side, end_| "packing.at.#{side}.#{end_}" })
           end)].compact
      end

      # What the track is screwed with, where the head is known.
      def head
        screw = @set.head_fixing&.screw
        boards = @set.head_fixing&.boards?
        return unless screw || boards

        row("Screws", [screw ? derived(screw) : "–"], "long at least, into the head", keys: %w[track.screw],
          codes: %w[head.joists head.fixing])
      end

      # Where the pulls are bored; nil for none.
      def pulls
        pulls = @set.pulls or return
        row("Pulls at", [derived(pulls.up)], "up each panel", keys: %w[pulls.up pulls.near pulls.far])
      end

      # The track, its packing, what it is screwed into.
      def track = [one_track, *packed, head].compact

      # Where the track's stops stand; nil for none.
      def stops
        @set.stops && row("Stops at", [@set.stops.map { |stop| derived(stop) }.join(", ")],
          "from the left jamb's foot, their faces",
          keys: @set.stops.each_index.map { |place| "track.stops.#{place + 1}" },
          line: ["where the hangers' plates meet them"])
      end

      # Where the track is cut, joined and screwed.
      TRACK_KEYS = %w[track.length track.start track.packing track.mount_height kit.track.first
        kit.track.pitch].freeze

      # Ledger keys of its pieces and joints.
      def track_keys = TRACK_KEYS + @plan.working.entries.map(&:key).grep(/\Atrack\.(pieces|joints)\./)

      # The track's length and its pieces.
      def one_track
        row("Track", [cut(@set.track.length)], "one end only", keys: track_keys,
          line: ["#{sum("track.length")}. #{pieces}#{packing}"])
      end

      # Where the rollers stand on a panel.
      def rollers
        near, far = @set.rollers.places
        row("Rollers", [derived(near), :and, derived(far)], "from the left edge of each",
          keys: %w[panels.rollers panels.spacing set.inset],
          codes: ["#{family}.inset"])
      end

      # The floor gap.
      def gap
        row("Floor gap", [derived(@set.gap)], "over the high point", keys: ["gap", "set.gap", *gap_keys.uniq],
          line: [gap_line],
          codes: ["#{family}.gap.least", "#{family}.gap.most", "survey.fall"])
      end

      private

      def own_rows(part) = @plan ? [public_send(part)].flatten.compact : []

      # Codes of the set's checks that no row has a place for. The survey's own
      # stand in Measure.
      def strays
        @plan.checks.map(&:code).uniq.grep_v(/\A(survey\.|head\.sag\z)/) - parts
          .flat_map { |part| own_rows(part).flat_map(&:codes) }
      end

      def family = @opening.opening.family

      def row(name, figure, after, keys:, codes: [], line: nil) = Row.new(name:, figure:, after:, keys:, codes:, line:)

      def cut(mm) = @opening.cut_printer.text(mm)

      def derived(mm) = @opening.printer.text(mm)

      def list(lengths) = lengths.map { |mm| derived(mm) }.join(", ")

      def short(mm) = @opening.printer.short(mm)

      def kilos(weight) = weight.to_f.round(1).to_s

      # The sum of a working, short.
      def sum(key) = @plan.working[key]&.short(@opening.printer).to_s

      def value(key) = @plan.working[key].value

      def pieces
        return "" if @set.track.joints.empty?

        "In #{@set.track.pieces.length} pieces: #{@set.track.pieces.map { |piece| cut(piece) }.join(" and ")}. "
      end

      def packing
        @set.track.packed? ? "Pack up to #{derived(@set.track.packing)} over it." : "No packing."
      end

      def gaps = @set.panels.map(&:gap)

      def gap_line = "least #{derived(gaps.map(&:least).min)}, most #{derived(gaps.map(&:most).max)} under the panels"

      def gap_keys
        %w[gap travel_gap].product(@set.panels, %w[least most])
          .map { |gap, panel, end_| "panels.#{panel.name}.#{gap}.#{end_}" }
      end

      def opens(line: nil)
        shut = @set.bays.count { |bay| !bay.reachable }
        share = @plan.working["reach.share"]&.result || "0 %"
        stay = "#{shut} of #{Count.told(@set.bays.length, "bays")} #{(shut == 1) ? "stays" : "stay"} shut"
        row("Opens", [derived(@set.widest)], [share, *(stay if shut.positive?)].join(", "),
          keys: %w[reach.widest reach.share fold.clear], codes: %w[bypass.bay size.none], line:)
      end
    end
  end
end
