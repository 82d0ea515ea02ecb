# frozen_string_literal: true

module YellowTrack
  module Web
    module Choose
      # Choose: the families side by side on this opening.
      class Screen < OpeningScreen
        # The families side by side; nil while readings are missing.
        #
        # @return [YellowTrack::Choose, nil]
        def choice = @choice ||= opening.survey.complete? ? Files::Candidates.choose(opening.document.to_h) : nil

        # @return [Array<Candidate>] the best first
        def candidates = @candidates ||= choice.ranked.each_with_index.map { |one, place| candidate(one, place) }

        # Two that are pinned to be compared; none where they are not two.
        #
        # @return [Array<Candidate>]
        def pinned
          found = candidates.select { |one| asked.include?(one.place) }
          (found.length == 2) ? found.map { |one| candidate(one.choice, one.place, beside: true) } : []
        end

        # Whether pins were asked for that are not two.
        def pin_two? = asked.any? && pinned.empty?

        def pinned?(candidate) = pinned.any? { |one| one.place == candidate.place }

        def why_first = choice.why_first || "Nothing sets it apart from the next."

        def always = Files::Candidates.always

        private

        def asked
          @asked ||= Array(params["pin"]).filter_map { |place| Integer(place.to_s, 10, exception: false) }.uniq
        end

        def candidate(choice, place, beside: false) = Candidate.new(opening, choice, place, beside:)
      end
    end
  end
end
