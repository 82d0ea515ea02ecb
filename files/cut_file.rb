# frozen_string_literal: true

module YellowTrack
  module Files
    # Reads a cut file (handbook 9): one material's bars and pieces.
    module CutFile
      MOST = 2_000 # pieces

      module_function

      # @param document [Hash] as parsed
      # @return [Cutting]
      # @raise [Faults] one for each key at fault
      def cutting(document)
        read = Shelf.typed(Shelf.schema("cut"), document,
          unit: (document.is_a?(Hash) && document["units"] == "in") ? :in : :mm)
        bars = read.fetch("bars").map { |bar| bar_of(bar) }
        pieces = read.fetch("pieces").flat_map do |piece|
          Array.new(piece["count"] || 1) { Cutting::Piece.new(name: piece["name"], length: piece["length"]) }
        end
        check(bars, pieces)
        Cutting.new(bars:, pieces:, kerf: read["kerf"] || 3r, trim: read["trim"] || 0r)
      end

      # @return [Cutting::Bar] its price to four decimals: money has no more
      def bar_of(bar)
        Cutting::Bar.new(length: bar["length"], price: bar["price"].to_r.round(4), count: bar["count"],
          name: bar["name"])
      end

      # @raise [Fault] where there are more pieces than one saw cuts in a search's time
      def check(bars, pieces)
        raise Fault.new("#{pieces.length} pieces is more than one saw cuts. It takes #{MOST}.", key: "pieces") if pieces
          .length > MOST

        faults = {"bars" => bars, "pieces" => pieces}.flat_map do |key, list|
          list.each_index.reject { |place| list[place].length.positive? }.map do |place|
            Fault.new("0 is no length. Give it in full.", key: "#{key}[#{place}].length")
          end
        end
        raise Faults.new(faults) if faults.any?
      end
    end
  end
end
