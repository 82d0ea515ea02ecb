# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # The firm's board as it was kept, the last first; it is kept under the version that was seen.
    class Boards
      # asked, what was put where; plan, the board's plan; as parsed.
      Board = Struct.new(:id, :version, :asked, :plan, :who, :at, keyword_init: true)

      KEPT = 30 # of those before

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @boards = db[:boards]
      end

      # @return [Board, nil] the one that stands
      def last = @boards.reverse(:version).first&.then { |row| board(row) }

      # @return [Integer] its version; 0 for none
      def version = @boards.max(:version) || 0

      # The one before it.
      #
      # @return [Board, nil]
      def before = @boards.reverse(:version).first(2)[1]&.then { |row| board(row) }

      # Keeps a board in the place of the one that was seen.
      #
      # @param seen [Integer] its version, 0 for none
      # @return [Board, nil] nil where another was kept meanwhile: nothing is written
      def keep(seen:, asked:, plan:, who:)
        @db.transaction do
          next if version != seen

          @boards.insert(version: seen + 1, asked: asked.to_json, plan: plan.to_json, who:, at: Clock.now)
          @boards.where { |row| row.version <= seen - KEPT }.delete
          last
        end
      end

      private

      def board(row) = Board.new(**row, asked: JSON.parse(row[:asked]), plan: JSON.parse(row[:plan])).freeze
    end
  end
end
