# frozen_string_literal: true

module YellowTrack
  module Practice
    # Which piece comes from which bar: offcuts of the rack, and new bars (handbook 7).
    # Six pieces, two offcuts of the rack and new bars of 2400: which piece comes from which bar, so that the least is
    # bought. What seems the best is to take the longest piece first, and a new bar goes for it.
    class CutFrom < Drill
      KEY, NAME = "cut-from", "What is it cut from"
      LEARN = "As little bought as can be, then the fewest bars, then the longest offcut: a kerf between two pieces, " \
        "the rack looked through first, and the longest piece not always in the first bar that takes it."
      BAR, PRICE = 2400, 18.0
      KERF = {1 => 5, 2 => 4, 3 => 3, 4 => 2, 5 => 3}.freeze # grains
      NEW = 2 # bars that can be bought
      RACK, KERF_FORGOTTEN = "the rack was forgotten", "the kerf was forgotten"
      LONGEST = "that is the longest first only"

      # What the bars of a rack are called.
      #
      # @return [Array<String>]
      def self.names(rack)
        new = rack.bars.select { |bar| bar.name.nil? }.each_index.map { |place| "new #{place + 1}" }
        rack.bars.filter_map(&:name) + new
      end

      # What the best of a rack buys, in words.
      def self.bought(rack)
        new = rack.best.uniq.count { |bar| rack.bars[bar].price.positive? }
        "#{new} new #{(new == 1) ? "bar is" : "bars are"} bought"
      end

      private

      def file = "cut"

      # Two pieces that an offcut takes together, beside one that it takes alone; from the
      # second level two that another offcut takes but for the kerf.
      def drawn
        @kerf = KERF.fetch(level)
        more, another = (level >= 2) ? hair : [[], []]
        pieces, offcuts = trap(more.max)
        {"format" => "yellow-track/cut", "version" => 1, "units" => site.units, "kerf" => site.told(@kerf), "trim" => 0,
         "bars" => [*[*offcuts, *another].each_with_index.map { |length, place| offcut(length, place) },
           {"length" => site.told(grains(BAR)), "price" => PRICE, "count" => NEW}],
         "pieces" => named([*pieces, *more].shuffle(random: site.random))}
      end

      # A short offcut and four pieces: the longest that it takes alone wastes a new bar.
      #
      # @param beside [Integer, nil] grains that go into the new bar too
      # It is what makes taking the longest first wrong: two others fill that offcut better.
      def trap(beside)
        one, two = [site.about(300..420), site.about(300..420)].sort
        offcut = one + two + @kerf + near(4..30)
        alone = site.about((two * site.grain + 60)..(offcut * site.grain - 20).to_i)
        long = grains(BAR) - alone - @kerf - near(2..40) - (beside ? beside + @kerf : 0)
        [[one, two, alone, long], [offcut]]
      end

      # Two pieces as long together as an offcut, or shorter by less than the kerf: one of
      # them has to go into a new bar.
      def hair
        one, two = site.about(160..240), site.about(250..330)
        [[one, two], [one + two + site.pick(0...@kerf)]]
      end

      # At the last level by less: there a piece misses its bar by a few millimetres, and the eye takes it to fit.
      def near(range) = (site.pick((level == 5) ? 1..8 : range) / site.grain).round

      def grains(mm) = (mm / site.grain).round

      # A bar of the rack, which costs nothing: it is there.
      def offcut(length, place)
        {"length" => site.told(length), "price" => 0, "count" => 1, "name" => "offcut #{place + 1}"}
      end

      # Pieces by letters, in the order in which they are listed.
      def named(lengths)
        lengths.each_with_index.map { |length, place| {"name" => "A-#{place + 1}", "length" => site.told(length)} }
      end

      # The bars and pieces are shared out by hand; the cutting has to cost the same.
      def draw
        @document = drawn
        rack = Rack.new(bars, pieces, kerf: mm(@document["kerf"]))
        parts = parts(rack) or return
        @subject = @read.call(file, @document)
        posed(rack, parts) if rack.cost(rack.best) == @subject.cost
      end

      # Where one sharing alone is the best.
      # Where two sharings are as good, neither is the answer, and another rack is drawn.
      def parts(rack)
        return unless rack.best_ones.length == 1

        slips = slips(rack)
        return if (needed - slips.map(&:words)).any?

        options = CutFrom.names(rack).each_with_index.to_h { |name, place| [place.to_s, name] }
        [Part.new(key: "bars", label: "from which bar", kind: :bars, answer: rack.best, options:, slips:,
          stands_on: rack, why: why(rack))]
      end

      # Words of the slips that a level's question has to tell from the answer.
      def needed = [RACK, (KERF_FORGOTTEN if level >= 2), (LONGEST if level >= 3)].compact

      # Those that come to another sharing here: without a kerf, say, the pieces may go as they went.
      def slips(rack)
        none = rack.with_kerf(0r).best
        {RACK => rack.without_offcuts, KERF_FORGOTTEN => (none if none && rack.over(none).positive?),
         LONGEST => rack.longest_first}.filter_map do |words, sharing|
          Slip.new(words, sharing) if sharing && rack.alike(sharing) != rack.alike(rack.best)
        end
      end

      # What is bought, and what that leaves over.
      def why(rack)
        "#{CutFrom.bought(rack)}, and the longest offcut is #{rack.longest_offcut(rack.best).to_f.round(1)} mm."
      end

      def bars
        @document["bars"].flat_map do |bar|
          one = Cutting::Bar.new(length: mm(bar["length"]), price: bar["price"].to_r, name: bar["name"])
          Array.new(bar["count"]) { one }
        end
      end

      def pieces
        @document["pieces"].map { |piece| Cutting::Piece.new(name: piece["name"], length: mm(piece["length"])) }
      end

      def mm(told) = told.to_r * ((site.units == "in") ? 254r / 10 : 1)

      def asked(_set) = "Which piece comes from which bar?"

      # The kerf and the bars that can be bought; pieces and rack stand in the picture.
      def given(rack)
        {"kerf" => mm(@document["kerf"]), "a new bar" => rack.bars.last.length}
      end
    end
  end
end
