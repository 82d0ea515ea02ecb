# frozen_string_literal: true

module YellowTrack
  module Web
    module Helpers
      # What a stage's page needs to say.
      module Stages
        TO_COME = {
          "hand-over" => "The record of what was fitted, how to care for it, and a date to look back."
        }.freeze

        DONE = '<span class="done">✓<span class="visually-hidden"> done</span></span>'

        # Keys of the values that stand on a stage's screen.
        ON_SCREEN = {"measure" => %w[survey.], "size" => %w[set.], "prepare" => %w[set. survey.check.], "adjust" => %w[hung.]}.freeze

        # The next thing to do for an opening.
        #
        # @param adjusting [Proc] where it was worked out for the page already
        def next_step(work, stage, adjusting: -> { Web::Adjusting.new(work, record_of(work.row), even: even_within) })
          NextStep.new(work, stage, hanging: -> { HangingSteps.new(work, record_of(work.row)) }, adjusting:)
        end

        # What the log tells of an opening's set.
        def record_of(row) = (@records ||= {})[row.id] ||= book.log.told([row.id]).fetch(row.id)

        # The same of many openings, asked for at once.
        def keep_records_of(rows) = @records = book.log.told(rows.map(&:id))

        # mm that gaps may differ by and still be even.
        def even_within = Data::HouseRules.tolerance(book.house_rules.all, "even") || Adjust::EVEN

        def to_come_words(stage) = TO_COME.fetch(stage)

        # A stage's state on the rail. @return [String] HTML
        def stage_mark(stage)
          case stage
          when "measure" then measured_mark
          when "choose" then @work.plan ? DONE : ""
          when "size" then @work.plan ? mark(worst_of("bypass.", "alter."), word: false) : ""
          when "cut" then all_cut? ? DONE : ""
          when "hang" then (come_to?("hang") && hanging.done?) ? DONE : ""
          when "adjust" then (come_to?("adjust") && adjusting.settled?) ? DONE : ""
          else ""
          end
        end

        def shape = @shape ||= Drawing::Shape.new(@work.survey, @work.closure, @work.printer)

        # Whether a field has a message: a draft's, a suspect's, or of what was
        # just done.
        def anything_to_say?(field) = drafts.key?(field.key) || !@result.nil? || suspect?(field)

        # Whether the sums blame a reading, on the screen where it was taken.
        def suspect?(field)
          @stage == "measure" && (@work.closure&.suspects || []).include?(field.key.delete_prefix("survey."))
        end

        # The families side by side for this opening.
        def choice = @choice ||= @work.survey.complete? ? Data::Candidates.choose(@row.document.to_h) : nil

        # The candidates that are pinned, with their places, where they are two.
        def pinned
          places = Array(params["pin"]).filter_map { |place| Integer(place.to_s, 10, exception: false) }.uniq
          found = choice.ranked.each_with_index.select { |_, place| places.include?(place) }
          (found.length == 2) ? found : []
        end

        # Whether the opening's set is this candidate's.
        def taken?(candidate)
          set = candidate.set
          set && @work.opening.kit.id == candidate.plan.opening.kit.id && @work.plan && @work.plan.set.panels.length == set.panels.length
        end

        # How far a suspect reading would be out. @return [String] HTML
        def slip_words(field)
          set_fractions(@work.printer.with_unit(@work.closure.residuals.fetch(field.key.delete_prefix("survey.")).slip.abs))
        end

        # What a candidate takes of its surroundings. @return [String] HTML
        def takes_words(candidate)
          taken = {"of floor in front" => candidate.floor_in_front, "of wall beside" => candidate.wall_beside,
                   "of the opening's depth" => candidate.depth_taken}.select { |_, mm| mm.positive? }
          taken.empty? ? "nothing beside it" : taken.map { |where, mm| "#{set_fractions(@work.printer.with_unit(mm.round))} #{where}" }.join(", ")
        end

        # Where the panels are to be shown: where the page asks, else closed.
        def moves = @moves ||= Moves.new(@work.plan, params["at"].is_a?(Hash) ? params["at"] : {})

        def strip = @strip ||= Drawing::FloorStrip.new(@work.plan, @work.printer)

        def above = @above ||= Drawing::Above.of(@work.plan, moves, @work.printer)

        # The drawings of the Size stage, panels where they are moved to.
        # @return [String] SVG
        def front_drawing = drawn(:front) { Drawing::Elevation.of(@work.plan, moves, @work.cut_printer) }

        def above_drawing = drawn(:above) { above }

        def profile = @profile ||= Drawing::Profile.new(@work.plan, @work.printer)

        def sections_drawing = @work.piece(:sections, @work.shown) { Drawing::Sections.of(@work.plan, @work.printer).to_s }

        # Whether there is a half jamb to draw.
        def half_jamb? = @work.plan.set.is_a?(Bifold) && !@work.plan.set.half_jamb.nil?

        def half_jamb_drawing = @work.piece(:half_jamb, @work.shown) { Drawing::HalfJamb.new(@work.plan, @work.printer).to_s }

        def strip_drawing = @work.piece(:strip, @work.shown) { strip.to_s }

        # Where a field stands on its page.
        def field_locals(field)
          place = {"measure" => -> { shape.places[field.key.delete_prefix("survey.")] }, "adjust" => -> { gap_place(field) }}[@stage]&.call
          place ? {at: place} : {}
        end

        # A floor station or a bay came, went or changed: the rows are drawn
        # anew.
        def list_changed? = @field.kind == :pair && @result.outcome != :unread

        # Words of the button that gives up a draft.
        def kept_words(field)
          saved = field.texts(@row.document[field.key]).compact.reject(&:empty?).join(" – ")
          saved.empty? ? "Clear it" : "Keep #{set_fractions(saved)}"
        end

        # Fields of this screen that others changed meanwhile.
        def meanwhile_fields
          keys = @result.meanwhile.map(&:key).uniq - [@field.key]
          keys.filter_map { |key| Fields[key] }.reject { |field| field.kind == :pair }.select { |field| on_screen?(field) }
        end

        # The changes of others, in words.
        def other_changes
          @result.meanwhile.reject { |entry| entry.key == @field.key }.map do |entry|
            field = Fields[entry.key]
            "#{field&.label || entry.key} #{said(field, entry.before)} to #{said(field, entry.after)}"
          end
        end

        # A thumbnail at the wall's one scale.
        def sized_thumb(thumb)
          wide, high = thumb.size
          thumb.to_s.sub("<svg ", "<svg width=\"#{wide}\" height=\"#{high}\" ")
        end

        private

        # Closed panels are drawn once for a document; moved ones as they move.
        def drawn(name)
          moves.closed? ? @work.piece(name, @work.shown) { yield.to_s } : yield.to_s
        end

        def measured_mark
          return "" unless @work.survey.complete?

          mark(worst_of("survey."), word: false).then { |html| html.empty? ? DONE : html }
        end

        def worst_of(*starts)
          Check.worst((@work.plan&.checks || []).select { |check| check.code.start_with?(*starts) && check.level != :note })
        end

        # Whether the opening has come as far as a stage.
        def come_to?(stage) = @work.plan && Work.later(@row.stage, stage) == @row.stage

        def on_screen?(field) = field.key.start_with?(*ON_SCREEN.fetch(@stage))

        def all_cut?
          return false unless @work.plan

          codes = @work.piece(:codes, @row.letter) { Parts.new(@work.plan, @row.letter).linear.map(&:code) }
          codes.any? && (codes - book.saw.cut(@row.id).keys).empty?
        end

        def said(field, value)
          text = field ? field.texts(value).compact.reject(&:empty?).join(" – ") : spread(value)
          text.empty? ? "nothing" : text
        end

        # A value of several parts, one after the other.
        def spread(value)
          case value
          when Hash then value.map { |key, inner| "#{key.tr("_", " ")} #{spread(inner)}" }.join(", ")
          when Array then value.map { |inner| spread(inner) }.join(" ")
          else value.to_s
          end
        end
      end
    end
  end
end
