# frozen_string_literal: true

module YellowTrack
  class Choose
    # Every kit of a shelf in every sensible way, each a whole plan of one opening (handbook 3).
    class Tried
      # @param opening [Opening] surveyed, with the set in mind
      # @param house [Hash{String => Hash}] choices that a family's set starts with here, by family
      # @param printer [Length::Printer, nil] as Plan.of takes it
      def initialize(opening, house:, printer:)
        @opening, @house, @printer = opening, house, printer
        # The readings are the same for all that stand in the opening.
        @closure = (Survey::Closure.new(survey) if survey.complete? && !survey.planned?)
      end

      # @param kits [Array<Kit>]
      # @param place [Integer, nil] of the set in mind's kit among them
      # @return [Array<Candidate>] in the order of the shelf
      # @raise [Fault] where the set in mind makes none
      def of(kits, place)
        mind = Sets.of(@opening.kit).layouts.of(@opening)
        kits.each_with_index.flat_map { |kit, index| of_kit(kit, index, (mind if index == place)) }
      end

      private

      def survey = @opening.survey

      # A kit's ways; the set in mind in place of the one that it is, else after them.
      def of_kit(kit, place, mind)
        layouts = Sets.of(kit).layouts.for(kit)
        mine = mind && layouts.index(mind)
        layouts |= [mind] if mind
        layouts.each_with_index.filter_map do |layout, index|
          in_mind = mind && index == (mine || layouts.length - 1)
          candidate(in_mind ? @opening : Kept.with(@opening, kit, layout, house: @house.fetch(kit.family, {})),
            Candidate::Shelved.new(layout, [place, index], in_mind == true))
        end
      end

      def candidate(opening, shelved)
        plan = Plan.of(opening, closure: @closure, printer: @printer)
        Candidate.new(plan, shelved) if shelved.in_mind || !Kept.open?(plan)
      rescue Fault
        raise if shelved.in_mind
      end
    end
  end
end
