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

        FEW = 2 # ways of a group that are named with what they want

        # Ways that wait for the same fact: its key, the field that it is typed in, the ways.
        Group = Struct.new(:fact, :field, :name, :wanted, :rows, keyword_init: true) do
          # What opens those of them that lie folded.
          def look_at(folded)
            rest = folded.length < rows.length
            return "Look at #{rest ? "the other" : "it"}" if folded.one?

            "Look at #{rest ? "the other" : "all"} #{folded.length}"
          end
        end

        # Where doors that are bought already are told: their size, and what they are made of.
        BOUGHT = %w[set.width set.height set.thickness set.makeup.0 set.weighed].freeze

        # @return [Array<Row>] that go in as things are
        def now = of_state("fits")

        # @return [Array<Row>] that do not go in
        def not = of_state("not")

        # What stops all of them alike, which is said once; nil where it is not one and the same.
        #
        # @return [String, nil]
        def stopped_alike
          says = of_state("not").map { |row| row.says.first }
          says.first if says.length > 1 && says.uniq.one?
        end

        # Ways that go in if something is so that nobody read, by what most of them wait for.
        #
        # @return [Array<Group>]
        def groups
          open = of_state("if")
          groups = []
          while open.any?
            fact = open.flat_map { |row| row.unread.map(&:key) }.tally.max_by(&:last).first
            here, open = open.partition { |row| row.unread.any? { |one| one.key == fact } }
            groups << group(fact, here)
          end
          groups
        end

        # Fields of doors that are bought already.
        def bought = BOUGHT

        # Whether such doors are told of.
        def bought? = %w[set.width set.height].any? { |key| opening.document[key] }

        # Whatever is typed here sorts all ways anew.
        def another_page? = result&.outcome == :saved || super

        # What stands in a field while it is empty.
        def placeholder_of(key) = key.start_with?("survey.") ? "?" : Desk::Tally.of(opening).placeholder_of(key)

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

        def of_state(state) = rows.select { |row| row.state == state }

        # From where on the fact lets which in, the least first.
        def group(fact, rows)
          needs = rows.to_h { |row| [row.name.downcase, row.unread.find { |one| one.key == fact }.needs] }.compact
            .sort_by(&:last)
          wanted = needs.map { |name, mm| "#{name} from #{opening.printer.short(mm)} on" }
          wanted = [*wanted.first(FEW), "and #{wanted.length - FEW} more"] if wanted.length > FEW + 1
          Group.new(fact:, field: Desk::Facts.anchor(fact), name: Desk::Facts.so(fact), rows:,
            wanted: (fact == "set.makeup") ? "" : wanted.join("; "))
        end

        def fitting = choice.cards.count { |card| card.state == "fits" }

        def told(count) = COUNTS[count] || count.to_s
      end
    end
  end
end
