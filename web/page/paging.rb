# frozen_string_literal: true

module YellowTrack
  module Web
    # A long list a page at a time.
    class Paging
      # @return [Integer] of this page, from 1, and of the last
      attr_reader :page, :last

      # @param count [Integer] of all
      # @param most [Integer] on a page
      # @param asked [Integer, nil] the page that is wanted; nil for the first
      def initialize(count, most, asked)
        @most = most
        @last = [(count.to_f / most).ceil, 1].max
        @page = (asked || 1).clamp(1, @last)
      end

      # How many stand before this page.
      def after = (page - 1) * @most

      attr_reader :most

      # Whether there is more than one page.
      def several? = last > 1

      # @return [Integer, nil] the page before and the one after
      def earlier = (page - 1 if page > 1)

      # The next page; nil on the last.
      def later = (page + 1 if page < last)
    end
  end
end
