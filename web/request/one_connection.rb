# frozen_string_literal: true

require "sequel"

module YellowTrack
  module Web
    # A request asks all that it asks of the book through one connection, taken once: to take and give one back
    # with each question lets another thread of the server run in the middle of a page.
    class OneConnection
      # @param app [#call]
      # @param book [Store::Book]
      def initialize(app, book)
        @app, @book = app, book
      end

      # Lets a request on. Where there is no connection to be had it goes on without: what it asks then says why not.
      def call(env)
        reached = false
        @book.by_one_connection do
          reached = true
          @app.call(env)
        end
      rescue Sequel::Error
        raise if reached

        @app.call(env)
      end
    end
  end
end
