# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Practice
      # The drills: what is due, how far off one was, a round to begin.
      class Screen < Web::Screen
        ROUNDS = 8 # of the latest
        CREW_ROUNDS = 5
        LATEST = 10 # answers that stand as dots

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

        # What today asks, as the page's heading.
        def heading
          return "Nothing is due: a round of everything" if due.zero?

          "#{Count.told(due, "drills")} #{(due == 1) ? "is" : "are"} due"
        end

        # The drill whose latest answers went wrong most often, in a sentence; nil while nothing did.
        def weakest
          wrong = standings.to_h { |one| [one, latest(one).count(false)] }
          one, times = wrong.max_by(&:last)
          "#{one.drill::NAME} is the weakest: #{times} of the last #{latest(one).length} went wrong." if times.positive?
        end

        # Drills on two rails.
        def rails = standings.each_slice((standings.length + 1) / 2).to_a

        # Whether it went right, of the latest answers, the oldest first.
        def latest(one) = one.went.last(LATEST)

        # Dots of them: nil for an answer that is not given yet.
        def dots(one) = latest(one) + [nil] * (LATEST - latest(one).length)

        # The same in words, for who does not see them.
        def dots_say(one)
          latest(one).empty? ? "no answer yet" : "#{latest(one).count(true)} of the last #{latest(one).length} right"
        end

        # When a drill is due, in words.
        def due_says(one)
          return "not yet tried" unless one.due
          return "due" if one.due <= today

          "in #{(one.due - today).to_i} #{(one.due == today + 1) ? "day" : "days"}"
        end

        # What a drill is about, small.
        def picture(one) = Drawing::DrillPicture.of(one.key, words: false)

        # @return [Array<Store::Practice::Round>]
        def rounds = book.practice.of(visitor.account_id, most: ROUNDS)

        # Mends of the firm's own that held, to be played.
        #
        # @return [Array<Desk::OwnDoors::Door>]
        def own_doors = @own_doors ||= Desk::OwnDoors.new(book).all

        # What was said of such a door.
        def said_of(door)
          known = Files::Knowledge.of(door.family).symptoms
          (door.symptoms & known.keys).map { |key| known.fetch(key).label }.join("; ")
        end

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
