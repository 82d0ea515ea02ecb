# frozen_string_literal: true

module YellowTrack
  module Web
    module Hang
      # Hang: the steps of this very set, in order, ticked with who and when.
      class Screen < OpeningScreen
        # A day that was typed and refused stands in its step.
        def initialize(...)
          super
          @today, @now = Date.today, Time.now
        end

        # @return [Desk::Progress]
        def progress = opening.progress

        # All steps, in their order.
        def steps = progress.steps

        # Steps done in order stand aside.
        def behind = @behind ||= progress.behind

        # Steps that are still to do.
        def ahead = steps - behind

        # A step's tick; nil while it is not done.
        def tick(step) = progress.tick(step)

        # Whether a step is the next one.
        def now?(step) = progress.now == step

        # What a step is called in the page.
        def id_of_step(step) = Desk::Field.id_of("step.#{step.key}")

        # Whether a step lifts what nobody weighed.
        def unweighed?(step) = step.lifts && set.weight.nil?

        # Whether there is something on a step that has to be seen, though it is not in hand.
        def opened?(step) = !warning(step).nil? || refused?(step) || again?(step)

        # A step by its beginning.
        def first_words(step) = step.does[/\A[^,.:;]+/]

        # A word of warning where a step was, or would be, done too early.
        #
        # @return [String, nil]
        def warning(step)
          early = progress.too_early(step)
          return if early.empty?

          "#{tick(step) ? "Done before" : "Comes after"} “#{early.map { |one| first_words(one) }.join("”, “")}”. " \
            "#{step.bites}"
        end

        # @return [Desk::Progress::Wait, nil]
        def wait(step) = progress.wait(step, @today, @now)

        # Where a step is done, on the set; nil where a drawing tells nothing.
        def drawing(step)
          step.place && Drawing::StepPlace
            .new(plan, step.place, opening.printer, name: Desk::Field.id_of("place.#{step.key}"))
        end

        # Cautions of the work on this page, in words.
        def cautions(step) = step.cautions.map { |key| Files::Cautions.says(key) }

        # What to take along: parts with how many, and tools.
        def parts_to_take = YellowTrack::TakeAlong.parts(plan, steps: steps.map(&:base).uniq)

        # Tools that this set asks for.
        def tools_to_take = Files::Tools.for(set) | Files::Tools.of_steps(steps.map(&:base))

        # What is said beside every caution.
        def always = Files::Cautions.always

        # The day that stands in a step's field.
        # The day that a step waits for, as it stands.
        def promised(step) = progress.promised(step)&.iso8601.to_s

        # The day that others are promised for, as its field stands.
        def day_typed(step) = refused?(step) ? typed_at("day") : progress.promised(step)&.iso8601

        # Whether that step's day was refused.
        def refused?(step) = fault && typed["step"] == step.key

        # What a stage is called, by its key.
        def stage_name(key) = Desk::Stage[key].name

        # The trial hang can be done over after its last step.
        def again?(step) = step == progress.last_of_loop && progress.again?
      end
    end
  end
end
