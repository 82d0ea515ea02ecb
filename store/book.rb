# frozen_string_literal: true

module YellowTrack
  module Store
    # One database file: the whole of what a fitter has said and done.
    class Book
      attr_reader :db, :jobs, :openings, :log, :drafts, :house_rules, :own_kits, :saw, :papers, :prices, :pictures,
        :tape, :plans, :crew_days, :dues, :feeds, :offers, :finder, :archive

      # @param path [String]
      def self.open(path) = new(Database.open(path))

      def initialize(db)
        @db = db
        @log = Log.new(db)
        @jobs = Jobs.new(db)
        @openings = Openings.new(db, @log)
        @drafts = Drafts.new(db)
        @house_rules = HouseRules.new(db)
        @own_kits = OwnKits.new(db)
        @prices = Prices.new(db)
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
      end

      # What was learnt of other doors that hang badly.
      #
      # @param row [Openings::Opening]
      # @return [Causes]
      def causes(row) = Causes.new(@db, row)

      # Several writes as one.
      def transaction(&) = @db.transaction(&)

      def close = @db.disconnect
    end
  end
end
