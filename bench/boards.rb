# frozen_string_literal: true

module YellowTrack
  module Bench
    # A firm's board: two crews and their jobs, from so few steps that the plan is proved to as many as are planned at
    # once; how far a plan that is not proved can be from the best; a crew that is ill on a morning.
    class Boards
      SIZES = [10, 40, 120, 300, 600].freeze
      SEED = 1
      EACH = 10 # steps of a job
      PATIENCE = 1 # seconds that a repair looks for a better plan
      TRADES = [["survey", "site", 40], ["order", "shop", 20, {"days" => 1}], ["prepare", "site", 90],
        ["cut", "shop", 90, {"days" => 2}], ["track", "site", 70], ["hang", "site", 80, {"hours" => 1}],
        ["off", "site", 30], ["paint", "other"], ["rehang", "site", 50, {"hours" => 16}],
        ["adjust", "site", 45]].freeze

      # @return [Array<String>] a line of figures each
      def call
        [*SIZES.map { |count| line("#{count} steps of #{Count.told(count / EACH, "jobs")}", firm(count)) }, ill]
      end

      private

      def line(name, document)
        board = nil
        seconds = Timing.once { board = Files::BoardFile.board(document) } / 1000
        written = Timing.once { board.to_h } / 1000
        format("%-36s planned %5.2f s, written %4.2f s   %s", name, seconds, written, told(board))
      end

      def told(board)
        ends, days = board.value.values_at(2, 3)
        return "ends #{ends}, #{days} crew days, proved" if board.proved?

        format("ends %d, none under %d (%.0f %%), %d crew days, at least %d", ends, board.bound[1],
          100.0 * ends / board.bound[1], days, board.bound[2])
      end

      # A plan that was kept and told, and its first crew away on the first day.
      def ill
        document = firm(120)
        was = Files::BoardFile.board(document).to_h
        kept = document.merge("was" => was, "told" => was["visits"].first(4).map { |one| one.slice("job", "date") })
        kept["crews"] = [kept["crews"].first.merge("away" => [kept["start"]]), *kept["crews"].drop(1)]
        board = nil
        seconds = Timing.once { board = Files::BoardFile.board(kept, patience: Visits::Patience.new(PATIENCE)) } / 1000
        plan = board.to_h
        format("%-36s planned %5.2f s   %d visits moved, %d to be told, %d given up", "a crew ill on a morning",
          seconds, plan["moved"].length, plan["tell"].length, plan["gone"].length)
      end

      def firm(count)
        random = Random.new(SEED)
        {"format" => "yellow-track/board", "version" => 1, "start" => "2027-03-01",
         "crews" => [{"key" => "one", "people" => 2}, {"key" => "two", "people" => 1}],
         "jobs" => Array.new(count / EACH) { |place| job(place, random) }}
      end

      def job(place, random)
        {"key" => "job-#{place}", "travel" => [10, 25, 40].sample(random:),
         "steps" => TRADES.each_with_index.map { |trade, number| step(trade, number, random) }}
      end

      def step((what, place, minutes, wait), number, random)
        one = {"key" => what, "opening" => "A", "what" => what, "place" => place, "after" => after(number, wait)}
        return one.merge("days" => 2) unless minutes

        one.merge("minutes" => minutes + 10 * random.rand(0..4), "hands" => random.rand(1..2))
      end

      def after(number, wait)
        return [] if number.zero?

        [{"step" => TRADES[number - 1].first, **(wait ? {"wait" => wait} : {})}]
      end
    end
  end
end
