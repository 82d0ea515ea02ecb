# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    module Choose
      # One family as it is shown beside the others.
      class Candidate
        extend Forwardable

        # @return [YellowTrack::Choose::Candidate]
        attr_reader :choice
        # @return [Integer] its rank, from 0
        attr_reader :place

        def_delegators :choice, :name, :set, :worst, :first_stop, :reasons, :share, :floor_parts, :hands, :labour

        # @param opening [Desk::Opening]
        # @param choice [YellowTrack::Choose::Candidate]
        # @param place [Integer]
        # @param beside [Boolean] whether it is shown once more, beside another
        def initialize(opening, choice, place, beside: false)
          @opening, @choice, @place, @beside = opening, choice, place, beside
        end

        def rank = place + 1

        def id = "#{"pinned-" if @beside}candidate-#{place}"

        def drawing = Drawing::Thumbnail.new(Desk::Outline.of(@opening.survey, choice.plan), id:, title: name)

        def clear = @opening.printer.text(choice.clear)

        # Whether the opening's set is this one.
        def taken?
          own = @opening.plan&.set
          set && own && @opening.kit.id == choice.plan.opening.kit.id && own.panels.length == set.panels.length
        end

        # Which of the bays come clear, in words.
        def bays
          return "none listed" if set.bays.empty?

          shut = set.bays.each_with_index.reject { |bay, _| bay.reachable }.map { |_, bay| bay + 1 }
          return "all come clear" if shut.empty?

          (shut.length == 1) ? "Bay #{shut.first} stays shut" : "Bays #{shut.join(", ")} stay shut"
        end

        # What it takes of its surroundings.
        def takes
          taken = {"of floor in front" => choice.floor_in_front, "of wall beside" => choice.wall_beside,
                   "of the opening's depth" => choice.depth_taken}.select { |_, mm| mm.positive? }
          taken.empty? ? "nothing beside it" :
            taken.map { |where, mm| "#{@opening.printer.with_unit(mm.round)} #{where}" }.join(", ")
        end

        def heaviest = "#{choice.heaviest.to_f.round(1)} kg"
      end
    end
  end
end
