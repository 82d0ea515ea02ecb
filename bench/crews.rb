# frozen_string_literal: true

require "tmpdir"

module YellowTrack
  module Bench
    # When a crew goes where: jobs of many openings, each hung, painted and adjusted, and
    # a few steps of which the best plan is proved.
    class Crews
      SIZES = [12, 40, 100, 200, 300].freeze
      SEED = 1
      RUNS = 5
      OPENINGS = 20 # of a job on the desk

      # Steps of an opening: place, minutes, and what is waited for after the one before.
      CHAIN = [["survey", "site", 30], ["order", "shop", 20], ["prepare", "site", 60],
        ["cut", "shop", 60, {"days" => 3}], ["drill", "shop", 30], ["track", "site", 60],
        ["hang", "site", 60, {"hours" => 1}], ["mark", "site", 20], ["off", "site", 20], ["paint", "other"],
        ["rehang", "site", 40, {"hours" => 16}], ["adjust", "site", 30], ["over", "site", 15]].freeze

      # @return [Array<String>] a line of figures each
      def call
        [*SIZES.map { |count| line("#{count} steps of jobs", job(count)) },
          line("12 steps that nothing holds", loose), *desk]
      end

      private

      def line(name, steps)
        document = {"format" => "yellow-track/work", "version" => 1, "start" => "2027-03-01", "travel" => 40,
                    "crew" => 2, "steps" => steps}
        plan = nil
        times = Timing.times(RUNS) { plan = Files::WorkFile.visits(document).to_h }
        "#{Timing.line(name, times)}   ends #{plan["end"]}, #{plan["visits"].length} visits, " +
          (plan["proved"] ? "proved" : "not before #{plan["bound"]["end"]}, #{plan["bound"]["visits"]} at least")
      end

      # The demo's job, and one of twenty openings, from their plans and logs on.
      def desk
        Dir.mktmpdir do |folder|
          book = Store::Book.open("#{folder}/bench.sqlite3")
          Demo::Loader.new("").fill(book)
          many = book.jobs.add(name: "Twenty").id
          OPENINGS.times do |place|
            book.openings.add(job_id: many, document: book.openings.of(1)[place % 6].document)
          end
          [[1, "the demo's job, from its openings"], [many, "#{OPENINGS} openings, from their plans"]]
            .map { |id, name| planned(book, id, name) }
        end
      end

      def planned(book, id, name)
        made = nil
        times = Timing.times(RUNS) do
          made = Desk::JobVisits.new(Desk::Job.new(book, book.jobs.find(id)))
          made.result
        end
        "#{Timing.line(name, times)}   #{made.steps.length} steps, #{made.result["visits"].length} visits"
      end

      def job(count)
        random, openings = Random.new(SEED), ("A".."ZZ").each
        Array.new(count / CHAIN.length + 1) { opening(openings.next, random) }.flatten.first(count)
      end

      def opening(letter, random)
        CHAIN.each_with_index.map do |(what, place, minutes, wait), number|
          {"key" => "#{letter}-#{what}", "opening" => letter, "place" => place, "hands" => random.rand(1..3),
           **(minutes ? {"minutes" => minutes + random.rand(0..30)} : {"days" => 2}),
           **(number.zero? ? {} : {"after" => [{"step" => "#{letter}-#{CHAIN[number - 1].first}", "wait" => wait}]})}
        end
      end

      def loose
        random = Random.new(SEED)
        Array.new(Visits::Search::MOST) do |number|
          {"key" => "A-#{number}", "place" => %w[site shop].sample(random:), "minutes" => random.rand(60..200)}
        end
      end
    end
  end
end
