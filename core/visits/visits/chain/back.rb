# frozen_string_literal: true

module YellowTrack
  class Visits
    class Chain
      # Goes back from a step to what held it, and so on to the first. Whoever goes has the model, and says of a step
      # what it is itself (own), what held it (holder), what lay between both, and whether it begins a chain (kept?).
      module Back
        private

        # @param place [Integer, nil] the last step
        # @return [Array<Stretch>] from the first to the last
        def back_from(place)
          found = []
          while place && @model.steps[place].ended.nil?
            found.unshift(own(place))
            held = holder(place) unless kept?(place)
            found.unshift(*between(place, held)) if held
            place = held&.place
            held = nil
          end
          found
        end
      end
    end
  end
end
