# frozen_string_literal: true

module YellowTrack
  module Web
    module Helpers
      # What the Hang stage says.
      module Hanging
        def hanging = @hanging ||= HangingSteps.new(@work, record_of(@row))

        # What a step waits for, in a sentence.
        #
        # @return [String, nil]
        def step_wait(step)
          how, what = hanging.waits(step, Date.today, Time.now)
          case how
          when :dry then "Not before #{what.strftime("%H:%M")} on #{day(what.to_date)}: #{step.dry["what"]} takes #{step.dry["hours"]} hours to dry."
          when :until then "Waits for #{step.waits} until #{day(what)}."
          when :overdue then "#{step.waits.capitalize} was promised for #{day(what)}. Ask, and write the new day here."
          when :undated then "Waits for #{step.waits}. Ask for the day, and write it here."
          end
        end

        # Steps done in their order, before the first that is to be done: they are
        # out of the way, unless there is nothing else.
        def steps_behind
          behind = hanging.steps.take_while { |step| hanging.tick(step) && step_warning(step).nil? }
          (behind.length > 2 && !hanging.done?) ? behind : []
        end

        # A word of warning where a step was, or would be, done too early.
        #
        # @return [String, nil]
        def step_warning(step)
          early = hanging.early(step)
          return if early.empty? || (hanging.tick(step).nil? && hanging.now != step)

          "#{hanging.tick(step) ? "Done before" : "Comes after"} “#{early.map { |one| first_words(one.does) }.join("”, “")}”. #{step.bites}"
        end

        def step_drawing(step) = step.place && Drawing::StepPlace.new(@work.plan, step.place, @work.printer, name: "place-#{step.key.tr(".", "-")}").to_s

        def step_caution(step) = step.caution && Data::Cautions.says(step.caution)

        # A step by its beginning.
        def first_words(sentence) = sentence[/\A[^,.:;]+/]
      end
    end
  end
end
