# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Practice
      # The drills: what is due, how far off one was, a round to begin.
      class Screen < Web::Screen
        ROUNDS = 8 # of the latest
        CREW_ROUNDS = 5

        # The template that it is drawn with.
        def template = "practice/page"

        # What stands in the window's own line.
        def title = "Practice"

        # How one stands in each drill.
        def standings = practising.standings

        # The day that it is looked at.
        def today = Date.today

        # How many drills are due.
        def due = standings.count { |one| one.due?(today) }

        # What the press for a round says.
        def round_says = due.zero? ? "A round of everything" : "A round of what is due (#{due})"

        # When a drill is due, in words.
        def due_says(one)
          return "not done yet" unless one.due
          return "due" if one.due <= today

          "due in #{(one.due - today).to_i} #{(one.due == today + 1) ? "day" : "days"}"
        end

        # @return [Drawing::Off, nil] the latest answers as dots
        def drawing(one) = one.offs.empty? ? nil : Drawing::Off.new(one.drill::NAME, one.offs)

        # @return [Array<Store::Practice::Round>]
        def rounds = book.practice.of(visitor.account_id, most: ROUNDS)

        FEW = 4 # drills that are named

        # Drills of a round, the first few.
        def names_in_short(round)
          all = names(round)
          (all.length > FEW) ? "#{all.length} drills" : all.join(", ")
        end

        # Drills of a round, as they are called.
        def names(round) = round.drills.map { |key|
          YellowTrack::Practice::Drills.all[key]&.then { |one| one::NAME } || key
        }

        # @return [Array<Store::Practice::CrewRound>] set for the crew, the latest first
        def crew_rounds = @crew_rounds ||= book.practice.crew_rounds(most: CREW_ROUNDS)

        # Whether he sets rounds for the crew.
        def sets? = visitor.role == "fitter"

        private

        def practising = @practising ||= Desk::Practising.new(book, visitor.account_id)
      end
    end
  end
end
