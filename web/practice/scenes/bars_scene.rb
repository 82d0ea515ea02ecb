# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      module Scenes
        # Bars on the rack and in the shop, uncut; and as they are cut once it is answered.
        class BarsScene < Scene
          # What it is called to somebody who cannot see it.
          def label = "The bars, and the pieces that are wanted"

          # @return [Array<(String, Drawing::Bars)>] what each is of, in words
          def drawings
            return [["The bars", bars(nil, "bars")]] unless @screen.done?

            [["Yours", bars(@screen.marks.first.given, "yours")], ["Right", bars(part.answer, "right")]]
          end

          # Pieces that are wanted, with their lengths.
          def pieces = rack.pieces.map { |piece| [piece.name, printer.with_unit(piece.length)] }

          # Bars with their lengths, by their numbers.
          #
          # @return [Hash{String => String}]
          def bars_named
            part.options.to_h { |value, name| [value, "#{name}, #{printer.with_unit(rack.bars[value.to_i].length)}"] }
          end

          # A sharing in words, bar by bar.
          def said(sharing)
            sharing.uniq.sort.map { |bar|
              names = rack.pieces.each_index.select { |place| sharing[place] == bar }
                .map { |place| rack.pieces[place].name }
              "#{part.options.fetch(bar.to_s)}: #{names.join(", ")}"
            }.join("; ")
          end

          private

          def part = question.parts.first

          def rack = part.stands_on

          def bars(sharing, name) = RackDrawing.of(rack, sharing, part.options.values, printer:, name:)
        end
      end
    end
  end
end
