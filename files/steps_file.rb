# frozen_string_literal: true

module YellowTrack
  module Files
    # The steps file: what is done to hang a set, in its order, and what each step needs (handbook 18).
    module StepsFile
      FORMAT = {"format" => "yellow-track/steps", "version" => 1}.freeze

      module_function

      # @param opening [Opening]
      # @return [Hash] for JSON, lengths in mm; without steps where the plan ended before a set
      def of(opening)
        plan = Plan.of(opening)
        FORMAT.merge("name" => opening.name, "steps" => plan.whole? ? steps(plan) : [])
      end

      # Every row of a set's list.
      def steps(plan)
        list = Steps.new(plan, StepSheets.of(plan.opening.kit), plan.opening.printer)
        list.steps.map { |step| row(step, list.needs(step.base), plan.working) }
      end
      private_class_method :steps

      # A step as the file has it.
      def row(step, needs, working)
        {"key" => step.base, "each" => step.part, "do" => step.does,
         "figures" => step.sums.map { |key| {"name" => key, "value" => Numbers.rounded(working[key].value)} },
         "hands" => step.hands, "cautions" => step.cautions, "waits" => step.waits, "dry_hours" => step.dries,
         "needs" => needs}
      end
      private_class_method :row
    end
  end
end
