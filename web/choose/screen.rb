# frozen_string_literal: true

module YellowTrack
  module Web
    module Choose
      # Choose: every kit tried in every way on this opening, a row a manner.
      class Screen < OpeningScreen
        COUNTS = %w[no one two three four five six seven eight nine ten eleven twelve].freeze

        # @return [Desk::SetChoice, nil] nil while readings are missing
        def choosing
          @choosing ||= Desk::SetChoice.new(opening) if opening.survey.complete? || opening.survey.planned?
        end

        # Why nothing could be tried, though nothing is missing.
        #
        # @return [Fault, nil]
        def refusal = choosing.refusal

        # Every kit in every way, tried.
        def choice = choosing.choice

        # @return [Array<Row>] the best first
        def rows
          @rows ||= choice.cards.each_with_index.map do |card, place|
            Row.new(self, card, place, behind: choice.behind(card))
          end
        end

        # Which goes in, in a sentence.
        def heading
          first = rows.first
          return "Nothing on the shelf fits as it stands. Nearest: #{first.name.downcase}." if choice.nearest?
          return "#{first.name} goes in, if what is not read yet is so." if first.state == "if"

          others = fitting - 1
          if others.zero?
            "#{first.name}: the only one that goes in as things are."
          else
            "#{first.name} comes first; #{told(others)} more #{(others == 1) ? "goes" : "go"} in as things are."
          end
        end

        # How many were tried, and what facts would change.
        def tried
          open = choice.cards.drop(1).count { |card| card.state == "if" }
          more = open.positive? ? " #{told(open).capitalize} more would, if facts that are not read yet are so." : ""
          "#{choice.tried} ways tried, #{told(choice.kits)} kits.#{more}"
        end

        # The set that the last one was taken in place of; nil where there is none to go
        # back to.
        def before = @before ||= choosing.before

        # What was hung before the last press; nil where nothing was taken.
        def before_name
          kit = before["kit"]
          kit.is_a?(Hash) ? kit["name"] : Files::Shelf.kits[kit]&.name || kit
        end

        # What is said beside every caution.
        def always = Files::Candidates.always

        # What panels of a way can be made of, none too heavy for its kit.
        def materials(card) = choosing.materials(card)

        private

        def fitting = choice.cards.count { |card| card.state == "fits" }

        def told(count) = COUNTS[count] || count.to_s
      end
    end
  end
end
