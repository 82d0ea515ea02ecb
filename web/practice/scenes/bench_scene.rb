# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      module Scenes
        # A hung panel on the bench: its gaps, its screws, what was turned so far.
        class BenchScene < Scene
          # A move as it was made: in words, and the gaps that it left.
          Made = Struct.new(:words, :gaps)

          # What it is called to somebody who cannot see it.
          def label = "The panel at its jamb, and its gaps"

          # The panel at its jamb, gaps larger than life.
          def drawing = Drawing::BenchView.of(hung, hung.answer, {}, advised: false)

          # Which panel at which edge, and by how much its gaps are drawn larger.
          def caption = "Panel #{hung.name} at #{hung.edge} · gaps × #{drawing.factor}"

          # Readings that stand on the drawing.
          def readings
            hung.read["gaps"].map do |gap, mm|
              Reading.new(gap, "gap, #{gap}", fine.with_unit(mm), *drawing.places.fetch(gap))
            end
          end

          # What else is known, in words, by its name.
          def known
            return super unless hung.read["at"]

            {**super, "the hangers stand at" => hung.read["at"].map { |side, at| "#{side} #{signed(at)}" }.join(", ")}
          end

          # @return [YellowTrack::Adjust::Controls] of what hangs now
          def controls = bench.controls(moves)

          # How a screw's needle stands, as an SVG transform.
          def needle(name) = Drawing::Responses.needle(controls, name, 0)

          # What a control is called, by its key.
          def name_of(name) = YellowTrack::Adjust::Controls.name_of(hung.kit, name)

          # Where its dials are told.
          def dials
            Paths.practice(question.drill, question.seed.to_s, "bench.json", level: question.level,
              steps: @screen.steps.join(" "))
          end

          # @return [Array<Made>]
          def made
            moves.each_index.map do |place|
              gaps = bench.after(moves.first(place + 1)).read["gaps"]
              Made.new(words(moves.first(place), moves[place]), gaps.map { |gap, mm| "#{gap} #{fine.short(mm)}" })
            end
          end

          # Moves in words.
          def said(all)
            return "nothing turned" if all.empty?

            all.each_index.map { |place| words(all.first(place), all[place]) }.join("; then ")
          end

          # A length with its sign, to its own grain: "+1.5 mm".
          def signed(mm) = YellowTrack::Adjust::Words.signed(mm, fine)

          private

          def bench = question.subject

          def moves = Desk::Answering.moves(@screen.steps)

          def hung = bench.after(moves)

          def fine = Length::Printer.fine(question.unit)

          # One move, by what it was made on.
          def words(before, move)
            controls = bench.controls(before)
            turned = YellowTrack::Practice::PlayedBench::SIDES.zip(move).reject { |_, count| count.zero? }
            turned.map { |side, count|
              "#{name_of(side)} #{count.positive? ? "up" : "down"}, " \
              "#{controls.words(side, count)}"
            }.join(" and ")
          end
        end
      end
    end
  end
end
