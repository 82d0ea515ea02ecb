# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      module Scenes
        # Bars on the rack and in the shop, uncut; and as they are cut once it is answered.
        class Bars < Scene
          def label = "The bars, and the pieces that are wanted"

          # @return [Array<(String, Drawing::Bars)>] what each is of, in words
          def drawings
            return [["The bars", bars(nil, "bars")]] unless @screen.done?

            [["Yours", bars(@screen.marks.first.given, "yours")], ["Right", bars(part.answer, "right")]]
          end

          def pieces = rack.pieces.map { |piece| [piece.name, printer.with_unit(piece.length)] }

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

          # Bars with what a sharing cuts from them; none for uncut ones.
          def bars(sharing, name)
            cuts = rack.bars.each_index.map do |bar|
              own = (sharing || []).each_index.select { |place| sharing[place] == bar }
              YellowTrack::Cutting::Cut.new(bar: named(bar), pieces: own.map { |place| rack.pieces[place] }, trim: 0r,
                kerf: question.given["kerf"], offcut: [rack.left(sharing || [], bar), 0r].max)
            end
            Drawing::Bars.new(cuts.reject { |cut| sharing && cut.pieces.empty? }, printer, name:)
          end

          def named(bar)
            rack.bars[bar].dup.tap { |one| one.name = part.options.fetch(bar.to_s) }
          end
        end
      end
    end
  end
end
