# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A round that is set for the crew, everybody's beside each other. Who sets rounds sees
      # all; a learner the others' once his own is done, so that nobody's answers help him.
      class Crew < Web::Screen
        # One's round: points of each question, nil for one not answered yet; in all; how far
        # off.
        Row = Struct.new(:name, :points, :offs, keyword_init: true) do
          # Points so far.
          def total = points.compact.sum

          # Questions so far.
          def done = points.compact.length
        end

        # @param practising [Desk::Practising]
        # @param set [Store::Practice::CrewRound]
        def initialize(book, practising, set, **rest)
          super(book, **rest)
          @practising, @set = practising, set
        end

        # The template that it is drawn with.
        def template = "practice/crew"

        # What stands in the window's own line.
        def title = "A round for the crew, practice"

        # What it is called in the page; one of each stands there.
        def id = @set.id

        # Who set it; nil where he is gone.
        def set_by = book.accounts.find(@set.account_id)&.name

        # When it was set.
        def at = @set.at

        # @return [Array<YellowTrack::Practice::Round::Asked>]
        def asked = YellowTrack::Practice::Round.new(@set.drills, @set.seed).asked

        # What a question's drill is called.
        def name_of(one) = YellowTrack::Practice::Drills.all.fetch(one.drill)::NAME

        # Rows that may be seen, the most points first.
        #
        # @return [Array<Row>]
        def rows
          shown = all? ? rounds : [own].compact
          shown.map { |round| all_rows.fetch(round.id) }.sort_by { |row| [-row.total, row.name] }
        end

        # How many of the others are not shown yet.
        def hidden = rounds.length - rows.length

        # Points in words; a dash for none yet.
        def told(points) = points ? Points.told(points) : "–"

        # Points that a round can bring.
        def most = YellowTrack::Practice::Round::QUESTIONS * YellowTrack::Practice::Mark::MOST

        # How far somebody's answers were off; nil while there are none.
        def drawing(row) = row.offs.empty? ? nil : Drawing::Off.new(row.name, row.offs)

        # What its press says.
        def says
          return "Look at yours again" if done?

          own ? "Go on with yours" : "Take it"
        end

        private

        def rounds = @rounds ||= book.practice.of_set(@set.id)

        def own = rounds.find { |round| round.account_id == visitor.account_id }

        def done? = own && all_rows.fetch(own.id).done == asked.length

        def all? = visitor.role == "fitter" || done?

        def all_rows
          @all_rows ||= begin
            names = book.accounts.all.to_h { |account| [account.id, account.name] }
            answers = @practising.answered_in(rounds)
            rounds.to_h { |round| [round.id, row(names.fetch(round.account_id), answers.fetch(round.id, []))] }
          end
        end

        def row(name, answers)
          by_place = answers.to_h { |answer| [answer.place, answer.points] }
          Row.new(name:, points: asked.map { |one| by_place[one.place] },
            offs: answers.map { |answer| [@practising.day(answer.at), answer.off] })
        end
      end
    end
  end
end
