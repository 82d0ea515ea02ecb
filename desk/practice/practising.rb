# frozen_string_literal: true

require "date"
require "time"

module YellowTrack
  module Desk
    # One's practice: what is due, the rounds, a question as it stands.
    class Practising
      ROUNDS = 200 # that are looked back on
      MIXED = "mixed"
      TRIES = 2
      IN_HAND = Latest.new(40) # questions of rounds that go on

      # A drill as it stands: due, a Date or nil; offs, days and mm off, and went, whether it went
      # right, of each answer, the oldest first.
      Standing = Struct.new(:drill, :due, :share, :offs, :went, keyword_init: true) do
        # The drill's key.
        def key = drill::KEY

        # Whether it is due on a day.
        def due?(today) = due.nil? || due <= today
      end

      # A question of a round. answers, what was said so far; steps, what was done in each try.
      State = Struct.new(:asked, :answers, :steps_by_try, keyword_init: true) do
        # Tries so far.
        def tries = answers.length

        # What was done in this try, or the last one.
        #
        # @return [Array<String>]
        def steps = steps_by_try.fetch(done? ? tries : tries + 1, [])

        # Whether it is over: right enough, or tried often enough.
        def done? = answers.any? && (answers.last.points.positive? || tries >= TRIES)
      end

      # @param book [Store::Book]
      # @param account_id [Integer]
      def initialize(book, account_id)
        @book, @account_id = book, account_id
      end

      # @param today [Date]
      # @return [Array<Standing>]
      def standings
        @standings ||= Practice::Drills.all.values.map do |drill|
          own = last_tries.select { |answer| answer.drill == drill::KEY }
          rounds = own.group_by(&:round_id).slice(*whole).values
            .map { |list| [day(list.last.at), Practice::Round.share(list.map(&:points))] }
          Standing.new(drill:, due: Practice::ComingBack.on(rounds), share: rounds.last&.last,
            offs: own.map { |answer| [day(answer.at), answer.off] }, went: own.map { |answer| answer.points.positive? })
        end
      end

      # Begins a round of one drill, or of those that are due.
      #
      # @param what [String] a drill's key, or "mixed"
      # @return [Integer] its number
      # @raise [Fault]
      def begin(what, seed: Random.rand(Practice::Drills::SEEDS), today: Date.today)
        known(what)
        due = standings.select { |one| one.due?(today) }.map(&:key)
        drills = if what == MIXED
          due.empty? ? Practice::Drills.all.keys : due
        else
          [what]
        end
        @book.practice.begin(@account_id, drills:, seed:, version: Practice::Drills::VERSION)
      end

      # Sets a round for the crew: the same questions for everybody.
      #
      # @param what [String] a drill's key, or "mixed" for all of them
      # @return [Integer] its number
      # @raise [Fault]
      def set(what, seed: Random.rand(Practice::Drills::SEEDS))
        known(what)
        @book.practice.set(@account_id, drills: (what == MIXED) ? Practice::Drills.all.keys : [what], seed:,
          version: Practice::Drills::VERSION)
      end

      # His own of a round that is set for the crew.
      #
      # @param crew_round [Store::Practice::CrewRound]
      # @return [Integer] its number
      # @raise [Fault] for one whose questions are made in another way since
      def take(crew_round)
        return @book.practice.own(crew_round, @account_id) if current?(crew_round)

        raise Fault.new("The questions of that round are made in another way since. Set another.", key: "set")
      end

      # @return [Store::Practice::Round, nil] his
      def round(id) = @book.practice.find(id, @account_id)

      # Whether a round's questions are made as they were when it began.
      def current?(round) = round.version == Practice::Drills::VERSION

      # What was answered in a round, the last try of each question.
      #
      # @return [Array<Store::Practice::Answer>]
      def answered(round) = answered_in([round]).fetch(round.id, [])

      # The same of several rounds, anybody's, by their numbers.
      #
      # @return [Hash{Integer => Array<Store::Practice::Answer>}]
      def answered_in(rounds)
        @book.practice.answers(rounds.map(&:id)).group_by { |answer| [answer.round_id, answer.place] }.values
          .map(&:last).group_by(&:round_id)
      end

      # @return [Array<State>] every question of a round
      def states(round)
        given = @book.practice.answers(round.id).group_by(&:place)
        done = @book.practice.steps(round.id).group_by(&:place)
        Practice::Round.new(round.drills, round.seed).asked.map do |asked|
          by_try = (done[asked.place] || []).group_by(&:try).transform_values { |steps| steps.map(&:step) }
          State.new(asked:, answers: given[asked.place] || [], steps_by_try: by_try)
        end
      end

      # Keeps what was answered.
      #
      # @param typed [Hash{String => String}] by part
      # @return [Array<Practice::Mark>]
      # @raise [Faults] each by the part that cannot be read
      def answer(round, state, typed)
        question = question(state.asked)
        typed = typed.merge(Answering::STEPS => state.steps.join(" ")) if question.play
        marks = Answering.new(question, typed).marks
        try = state.tries + 1
        @book.practice.answer!(round.id, place: state.asked.place, try:, drill: state.asked.drill, typed:,
          off: marks.map(&:off).max_by(&:abs), points: Practice::Round.points(marks, second: try > 1))
        marks
      end

      # Keeps a step that comes after those that were seen; what goes no further by it is
      # answered with it.
      #
      # @param seen [Integer] how many steps there were
      # @raise [Fault] for what is none
      def step(round, state, step, seen:)
        return if seen != state.steps.length

        question = question(state.asked)
        Playing.of(question).check(state.steps, step)
        @book.practice.step!(round.id, place: state.asked.place, try: state.tries + 1, number: seen, step:)
        now = states(round)[state.asked.place]
        answer(round, now, {}) if !now.done? && Playing.of(question).over?(now.steps)
      end

      # @return [Practice::Question]
      def question(asked) = Practising.question(asked.drill, asked.level, asked.seed)

      # @return [Practice::Lesson] a drill's
      def self.lesson(drill) = Practice::Lesson.of(drill, Files::Commands.method(:read))

      # A question, by its drill, level and seed. Drawn once for whoever has it in hand: it is the same as often as it
      # is asked, and drawing it makes up to hundreds of plans, while a page, an answer and its mark each ask for it.
      #
      # @return [Practice::Question]
      def self.question(drill, level, seed)
        IN_HAND.fetch([drill, level, seed]) do
          Practice::Drills.question(drill, level:, seed:, read: Files::Commands.method(:read))
        end
      end

      # The day that something was answered on.
      #
      # @return [Date]
      def day(at) = Time.iso8601(at).localtime.to_date

      private

      def known(what)
        return if what == MIXED || Practice::Drills.all.key?(what)

        raise Fault.new("There is no drill \"#{what[0, 40]}\".", key: "drill")
      end

      # The try that counts of every question: its last.
      #
      # @return [Array<Store::Practice::Answer>] the oldest round first
      def last_tries
        @last_tries ||= answered_in(@book.practice.of(@account_id, most: ROUNDS)).values.flatten
      end

      # Rounds that every question of was answered in: one that was left early moves no drill on.
      def whole
        @whole ||= last_tries.group_by(&:round_id)
          .select { |_, list| list.length == Practice::Round::QUESTIONS }.keys
      end
    end
  end
end
