# frozen_string_literal: true

module YellowTrack
  module Store
    # One database file: the whole of what a fitter has said and done.
    class Book
      attr_reader :db, :jobs, :openings, :log, :drafts, :house_rules, :own_kits, :saw, :papers, :prices, :pictures,
        :tape, :plans, :crew_days, :dues, :feeds, :offers, :finder, :archive, :accounts, :invitations, :sent,
        :practice, :tries, :once, :replaced, :asked_times

      # @param path [String]
      def self.open(path) = new(Database.open(path))

      def initialize(db)
        @db = db
        @file = db.opts[:database]
        @known = seen
        @log = Log.new(db)
        @replaced = Replaced.new(db)
        @jobs = Jobs.new(db, @replaced)
        @openings = Openings.new(db, @log)
        @drafts = Drafts.new(db)
        @house_rules = HouseRules.new(db, @replaced)
        @own_kits = OwnKits.new(db, @replaced)
        @prices = Prices.new(db, @replaced)
        @papers = Papers.new(db)
        @saw = Saw.new(db, @log)
        @tape = Tape.new(db)
        @pictures = Pictures.new(db, @log)
        @plans = Plans.new(db)
        @crew_days = CrewDays.new(db)
        @dues = Dues.new(db)
        @feeds = Feeds.new(db)
        @offers = Offers.new(db)
        @finder = Finder.new(db)
        @archive = Archive.new(db)
        @accounts = Accounts.new(db)
        @invitations = Invitations.new(db)
        @sent = Sent.new(db)
        @practice = Practice.new(db)
        @tries = Tries.new(db)
        @once = Once.new(db)
        @asked_times = AskedTimes.new(db)
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
