# frozen_string_literal: true

require "net/http"
require "puma"
require "puma/server"
require "sinatra/base"

module YellowTrack
  module Bench
    # The application served by a Puma of its own, beside a bare page of one query.
    class Site
      # A page of one query and one template, and no more.
      class Bare < Sinatra::Base
        set :environment, :production
        set :host_authorization, permitted_hosts: []
        set :erb, escape_html: true

        get("/bare/:id") do
          @job = settings.book.db[:jobs].first(id: Integer(params[:id]))
          erb "<!doctype html><title>Bare</title><p><%= @job[:name] %></p>"
        end
      end

      # @return [Store::Book]
      attr_reader :book

      # @param book [Store::Book]
      def initialize(book)
        @book = book
      end

      # @yieldparam visitor [Visitor] who is signed in by itself
      def serve
        Bare.set :book, book
        book.accounts.named("Runa") || book.accounts.add("Runa")
        server = Puma::Server.new(cascade, nil, min_threads: 1, max_threads: 5)
        port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
        server.run
        Net::HTTP.start("127.0.0.1", port) { |http| yield Visitor.new(http) }
      ensure
        server.stop(true)
      end

      # What the block asks the database, as it stands.
      #
      # @return [Integer]
      def queries
        asked = 0
        watch = Object.new
        %i[info debug warn error].each do |level|
          watch.define_singleton_method(level) { |sql| asked += 1 if sql.match?(/\) (SELECT|EXECUTE)\b/) }
        end
        book.db.loggers << watch
        yield
        asked
      ensure
        book.db.loggers.delete(watch)
      end

      private

      def cascade
        app = Web::App.on(book, secret: "b" * 64, by_itself: "Runa")
        ->(env) { env["PATH_INFO"].start_with?("/bare") ? Bare.call(env) : app.call(env) }
      end
    end
  end
end
