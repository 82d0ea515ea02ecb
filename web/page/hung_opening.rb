# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    # An opening as it hangs on the wall, by what is kept of it for lists.
    class HungOpening
      extend Forwardable

      def_delegators :@row, :id, :job_id, :letter, :name, :sentence, :position, :binned_at

      # @return [Store::Openings::Row]
      attr_reader :row

      # @param row [Store::Openings::Row]
      def initialize(row)
        @row = row
      end

      # What the stage is called that it has come to.
      def stage = Desk::Stage[@row.reached].name

      # @return [Symbol, nil]
      def worst = @row.worst&.to_sym

      # Its panels, small: drawn once, while the same outline is read of the book.
      #
      # @return [String] SVG
      def thumbnail
        DRAWN.fetch([id, letter, name, @row.outline.object_id]) do
          Drawing::Thumbnail.new(@row.outline, id: "thumb-#{id}", title: "#{letter} #{name}")
            .to_s(sized: true).freeze
        end
      end

      DRAWN = Latest.new(400)
      private_constant :DRAWN
    end
  end
end
