# frozen_string_literal: true

module YellowTrack
  module Desk
    # Studs have to be in the wall that there is (handbook 2, "Readings").
    module Stretch
      KEY = "survey.wall.studs"
      FREE = 6000r # mm beside the opening, where the free wall is not read

      module_function

      # @param opening [YellowTrack::Opening]
      # @param key [String] of what was typed
      # @raise [Faults] for a stud beyond it
      def check(opening, key)
        survey = opening.survey
        return unless key == KEY && survey.widths.any?

        from, to = -(survey["beside.left"] || FREE), survey.widths.max + (survey["beside.right"] || FREE)
        out = (survey["wall.studs"] || []).reject { |stud| stud.between?(from, to) }
        raise Faults.new([fault(opening.printer, out, from, to:)]) if out.any?
      end

      # What is wrong with studs outside the wall.
      def fault(printer, out, from, to:)
        told = "#{out.map { |stud| printer.short(stud) }.join(", ")} #{(out.length == 1) ? "is" : "are"}"
        Fault.new("#{told} outside the wall. It goes from #{printer.short(from)} to #{printer.with_unit(to)} from " \
          "the left jamb's foot, by the free wall that was read.", key: KEY)
      end
    end
  end
end
