# frozen_string_literal: true

module YellowTrack
  module Store
    # Which revision of each opening was put on paper last, and when.
    class Papers
      Paper = Struct.new(:opening_id, :version, :at, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db)
        @papers = db[:papers]
      end

      # Writes down that papers were made of a version.
      def made(opening_id, version) = @papers.insert_conflict(:replace).insert(opening_id:, version:, at: Clock.now)

      # @return [Paper, nil] the last of an opening
      def last(opening_id) = @papers.first(opening_id:)&.then { |row| Paper.new(**row) }
    end
  end
end
