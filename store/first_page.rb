# frozen_string_literal: true

module YellowTrack
  module Store
    # What the first page says beside its lists, asked in one.
    class FirstPage
      include Questions

      # under_way, over, binned: how many jobs are
      # oldest:   when the first was started; nil while there is none
      # quarrels: how much of whoever asks is to be decided: what others wrote meanwhile, and when it was that he
      #   wrote it
      # units:    of the house's rules, those of a new job; nil where none were set
      Said = Struct.new(:under_way, :over, :binned, :oldest, :quarrels, :units, keyword_init: true)

      # @param db [Sequel::Database]
      def initialize(db) = @db = db

      # @param owner [String] of drafts
      # @param account_id [Integer] the same person's
      # @return [Said]
      def of(owner, account_id)
        Said.new(**question(:first_page) { asked }.call(owner:, account: account_id).first)
      end

      private

      def asked
        beside = {quarrels:, units: @db[:house_rules].where(key: "units").select(:value)}
        @db[:jobs].select {
          [count.function.*.filter(binned_at: nil, over_at: nil).as(:under_way),
            count.function.*.filter(Sequel.&({binned_at: nil}, Sequel.~(over_at: nil))).as(:over),
            count(:binned_at).as(:binned), min(:created_at).as(:oldest)]
        }.select_append(*beside.map { |name, rows| rows.as(name) })
      end

      def quarrels
        times = @db[:asked_times].where(account_id: :$account).select { count.function.* }
        @db[:drafts].where(owner: :$owner, clash: 1).select { count.function.* + times }
      end
    end
  end
end
