# frozen_string_literal: true

module YellowTrack
  module Store
    # Looks after a book while it is served: what was written goes into the file itself
    # every few minutes, and once a day a backup is made.
    class Caretaker
      EVERY = 300 # seconds

      # @param book [Book]
      # @param backups [Backups]
      def initialize(book, backups = Backups.new(book.file))
        @book, @backups = book, backups
      end

      # Goes on beside the requests, as long as the process does.
      #
      # @return [Thread]
      def begin
        Thread.new do
          loop do
            round
            sleep EVERY
          end
        end
      end

      # What there is to do now. What fails is said where the server's own words go, and
      # tried again in the next round.
      def round
        @book.there!
        @book.checkpoint
        @backups.make if @backups.due?
      rescue Trouble::Gone, Fault, *Trouble::KINDS => e
        warn "Yellow Track: #{Trouble.says(e) || e.message}"
      end
    end
  end
end
