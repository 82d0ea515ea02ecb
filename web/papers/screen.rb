# frozen_string_literal: true

require "forwardable"

module YellowTrack
  module Web
    module Papers
      # Papers while they are made, and once they are.
      class Screen < Web::Screen
        extend Forwardable

        attr_reader :key

        def_delegators :@paperwork, :failed, :going?, :done, :total

        # @param paperwork [Paperwork]
        # @param key [String] by which it is asked for
        def initialize(book, paperwork, key, **rest)
          super(book, **rest)
          @paperwork, @key = paperwork, key
        end

        # The template that it is drawn with.
        def template = "papers/page"

        # What stands in the window's own line.
        def title = "Papers"
      end
    end
  end
end
