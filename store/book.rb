# frozen_string_literal: true

module YellowTrack
  module Store
    # One database file: the whole of what a fitter has said and done.
    class Book
      # What it has, each with its own tables; those that write what they replaced or into the log
      # are given it.
      PARTS = {
        log: ->(book) { Log.new(book.db) },
        replaced: ->(book) { Replaced.new(book.db) },
        jobs: ->(book) { Jobs.new(book.db, book.replaced) },
        first_page: ->(book) { FirstPage.new(book.db) },
        job_page: ->(book) { JobPage.new(book.db) },
        openings: ->(book) { Openings.new(book.db, book.log) },
        drafts: ->(book) { Drafts.new(book.db) },
        house_rules: ->(book) { HouseRules.new(book.db, book.replaced) },
        own_kits: ->(book) { OwnKits.new(book.db, book.replaced) },
        own_causes: ->(book) { OwnCauses.new(book.db, book.replaced) },
        held_mends: ->(book) { HeldMends.new(book.db) },
        prices: ->(book) { Prices.new(book.db, book.replaced) },
        papers: ->(book) { Papers.new(book.db) },
        framers_sheets: ->(book) { Papers.new(book.db, :framers_sheets) },
        saw: ->(book) { Saw.new(book.db, book.log) },
        tape: ->(book) { Tape.new(book.db) },
        pictures: ->(book) { Pictures.new(book.db, book.log) },
        plans: ->(book) { Plans.new(book.db) },
        crew_days: ->(book) { CrewDays.new(book.db) },
        crews: ->(book) { Crews.new(book.db) },
        job_terms: ->(book) { JobTerms.new(book.db) },
        told_visits: ->(book) { ToldVisits.new(book.db) },
        boards: ->(book) { Boards.new(book.db) },
        customers: ->(book) { Customers.new(book.db) },
        dues: ->(book) { Dues.new(book.db) },
        feeds: ->(book) { Feeds.new(book.db) },
        offers: ->(book) { Offers.new(book.db) },
        finder: ->(book) { Finder.new(book.db) },
        archive: ->(book) { Archive.new(book.db) },
        accounts: ->(book) { Accounts.new(book.db) },
        invitations: ->(book) { Invitations.new(book.db) },
        sent: ->(book) { Sent.new(book.db) },
        practice: ->(book) { Practice.new(book.db) },
        tries: ->(book) { Tries.new(book.db) },
        once: ->(book) { Once.new(book.db) },
        asked_times: ->(book) { AskedTimes.new(book.db) }
      }.freeze
      PARTS.each_key { |name| define_method(name) { @parts.fetch(name) } }

      # @return [Sequel::Database]
      attr_reader :db

      # Opens the book in a file, makes it where there is none, brings an older one up to date.
      #
      # @param path [String]
      # @raise [Fault] for a file that is no book, or a newer program's
      def self.open(path) = new(Database.open(path))

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
        @file = db.opts[:database]
        @known = seen
        @parts = {}
        PARTS.each { |name, make| @parts[name] = make.call(self) }
      end

      # What was learnt of other doors that hang badly.
      #
      # @param row [Openings::Row]
      # @return [Causes]
      def causes(row) = Causes.new(@db, row)

      # What a job's buy list, labour and visits stand on, in a few figures.
      #
      # @return [Array]
      def stamp(job_id) = Stamp.of(@db, job_id)

      # All that the block asks and writes goes through one connection.
      def by_one_connection(&) = @db.synchronize(&)

      # Several writes as one.
      def transaction(&) = @db.transaction(&)

      # @return [String] path of its file
      attr_reader :file

      # That its file is still the one that was opened.
      #
      # @raise [Trouble::Gone]
      def there! = (seen == @known) || raise(Trouble::Gone)

      # Puts what was written into the file itself, so that a copy of it has all. What mirrors the
      # book reads its log: then that is left as long, and nobody waits for it.
      def checkpoint
        how = Mirror::Standing.new(@file).running? ? "PASSIVE" : "TRUNCATE"
        @db.run("PRAGMA wal_checkpoint(#{how})")
      end

      # @param table [Symbol]
      # @return [Integer] how many rows it has
      def count(table) = @db[table].count

      # Puts what was written into the file, and closes it.
      def close
        checkpoint if seen == @known
      rescue Sequel::DatabaseError
        nil # whoever has it open still does that
      ensure
        @db.disconnect
      end

      private

      # Which file it is: another put in its place has another number.
      def seen
        File.stat(@file).then { |stat| [stat.dev, stat.ino] }
      rescue Errno::ENOENT
        nil
      end
    end
  end
end
