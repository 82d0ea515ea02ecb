# frozen_string_literal: true

module YellowTrack
  module Store
    # Readings that a tape sent: pages that listen take what came after the last
    # that they had.
    class Tape
      KEPT = 200 # of the latest
      LONGEST = 40 # characters of one

      # @param db [Sequel::Database]
      def initialize(db)
        @tape = db[:tape]
      end

      # @param reading [String] as it was sent, with its unit or none
      # @raise [Fault] for one that is none
      def play(reading)
        text = reading.to_s.scrub("").strip
        if text.empty? || text.length > LONGEST || text.match?(/[[:cntrl:]]/)
          raise Fault, "#{text[0, LONGEST].inspect} is no reading. It takes a length, as in 1.806m or 71 1/16in."
        end

        id = @tape.insert(reading: text, at: Clock.now)
        @tape.where { |row| row.id <= id - KEPT }.delete
        id
      end

      # @return [Integer] the number of the last one; 0 for none
      def last = @tape.max(:id) || 0

      # @param id [Integer]
      # @return [Array<Array(Integer, String)>] number and reading of each since
      def since(id) = @tape.where { |row| row.id > id }.order(:id).select_map([:id, :reading])
    end
  end
end
