# frozen_string_literal: true

module YellowTrack
  module Desk
    class FirmBoard
      # A crew on the board: key and name; people, their names; count, how many; id, nil for the crew of a firm that
      # made none; from and to, minutes of a day, nil for the firm's.
      Crew = Struct.new(:id, :key, :name, :people, :count, :from, :to, keyword_init: true) do
        # Those that somebody is in; of a firm that made none, the one that its rules tell of.
        #
        # @param board [FirmBoard]
        # @return [Array<Crew>]
        def self.of(board)
          people = board.book.crews.people(board.start)
          made = board.book.crews.all.filter_map do |row|
            names = (people[row.id] || []).map(&:name)
            next if names.empty?

            new(id: row.id, key: row.key, name: row.name, people: names, count: names.length, from: row.from,
              to: row.to)
          end
          return made if made.any?

          [new(id: nil, key: LONE, name: "The crew", people: [], count: board.hours.crew, from: nil, to: nil)]
        end

        # As a board's file has it, but for when it is away.
        #
        # @return [Hash]
        def to_h = {"key" => key, "people" => count, "hours" => {"from" => from, "to" => to}.compact}
      end
    end
  end
end
