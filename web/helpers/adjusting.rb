# frozen_string_literal: true

module YellowTrack
  module Web
    module Helpers
      # What the Adjust stage says.
      module Adjusting
        def adjusting
          @adjusting ||= Web::Adjusting.new(@work, record_of(@row), even: even_within, pick: picked_panel)
        end

        def hung = adjusting.hung

        def answer = adjusting.answer

        # Turns tried on the bench, in each control's steps.
        #
        # @return [Hash{String => Integer}]
        def tried
          @tried ||= begin
            asked = params["turn"].is_a?(Hash) ? params["turn"] : {}
            adjusting.responses.controls.to_h { |name, one| [name, (Integer(asked[name].to_s, 10, exception: false) || 0).clamp(one.least, one.most)] }
          end
        end

        def bench_drawing
          moved = answer ? tried.to_h { |name, count| [name, adjusting.responses.mm(name, count)] } : {}
          Drawing::Bench.of(hung, answer, moved).to_s
        end

        def bench = @bench ||= Drawing::Bench.of(hung, answer)

        # Where a gap is typed on the drawing.
        def gap_place(field) = field.key.start_with?("hung.#{hung.name}.gaps.") ? bench.places[field.key.split(".").last] : nil

        def gap_fields = hung.gap_names.map { |gap| Fields["hung.#{hung.name}.gaps.#{gap}"] }

        # What stands beside the gaps: where the adjusters are, floor, neighbours.
        def hung_fields
          more = (hung.kind == :slider) ? %w[jamb at.left at.right floor.left floor.right tops.left tops.right] : %w[at.jack]
          more.map { |place| Fields["hung.#{hung.name}.#{place}"] }
        end

        def meet_fields = (adjusting.all.length == 2 && hung.kind == :fold) ? %w[hung.meet.top hung.meet.bottom].map { |key| Fields[key] } : []

        def hung_name(one) = (one.kind == :slider) ? "Panel #{one.name}" : "Pair at #{one.name}"

        # What to do, a line for each control that moves: its name, the figure
        # and what stands after it.
        #
        # @return [Array<Array(String, String, String)>]
        def told
          adjusting.suggested.reject { |_, count| count.zero? }.map do |name, count|
            words = adjusting.responses.words(name, count)
            amount = adjusting.printer.with_unit(adjusting.responses.mm(name, count).abs)
            next [control_name(name), amount, adjusting.responses.direction(name, count)] unless hung.turned?(name)

            turns, rest = words.split(" ", 2)
            [control_name(name), "#{count.positive? ? "up" : "down"} #{turns}", "#{rest}, #{amount}"]
          end
        end

        def control_name(name) = Web::Adjusting::CONTROLS.fetch(name)

        def figure_of(mm) = adjusting.printer.short(mm)

        def signed(mm) = Adjust::Words.signed(mm, adjusting.printer)

        def adjust_checks = answer ? Adjust::Checks.new(hung, answer, adjusting.learnt, adjusting.printer).found : []

        # The sums of the answer under some names.
        def adjust_sums(*starts) = adjusting.sums.entries.select { |entry| entry.key.start_with?(*starts.map { |start| "adjust.#{start}" }) }

        # Whether there is something to turn.
        def to_turn? = answer && !adjusting.even?(hung) && adjusting.suggested.values.any?(&:nonzero?)

        def gap_word(gap) = Fields["hung.#{hung.name}.gaps.#{gap}"].label

        private

        def picked_panel = @field&.key.to_s[/\Ahung\.([A-F])\./, 1] || params["panel"].to_s[/\A[A-F]\z/]
      end
    end
  end
end
