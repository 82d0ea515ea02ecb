# frozen_string_literal: true

require "net/http"
require "puma"
require "puma/server"
require "sinatra/base"
require "tmpdir"

module YellowTrack
  module Bench
    # The Size page beside a bare page with one query, served by one Puma in
    # one run, turn about.
    class Pages
      COUNT = 300

      # A page of one query and one template, and no more.
      class Bare < Sinatra::Base
        set :host_authorization, permitted_hosts: []
        set :erb, escape_html: true

        get("/bare/:id") { erb "<!doctype html><title>Bare</title><p><%= settings.book.jobs.find(Integer(params[:id])).name %></p>" }
      end

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          book = Store::Book.open("#{folder}/bench.sqlite3")
          Demo::Loader.new("").fill(book)
          serve(book) { |http| measure(http) }
        end
      end

      private

      def measure(http)
        bare, size = [], []
        (COUNT + 50).times do |turn|
          times = ["/bare/1", "/openings/1/size"].map { |path| Timing.once { get(http, path) } }
          next if turn < 50

          bare << times[0]
          size << times[1]
        end
        [bare, size].each(&:sort!)
        ratio = Timing.median(size) / Timing.median(bare)
        [Timing.line("bare page", bare), Timing.line("Size page", size), format("Size page ÷ bare page             %.2f", ratio)]
      end

      def get(http, path)
        answer = http.get(path)
        raise "#{path}: #{answer.code}" unless answer.code == "200"
      end

      def serve(book)
        Bare.set :book, book
        server = Puma::Server.new(Rack::URLMap.new("/" => cascade(book)), nil, min_threads: 1, max_threads: 5)
        port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
        server.run
        Net::HTTP.start("127.0.0.1", port) { |http| yield http }
      ensure
        server.stop(true)
      end

      def cascade(book)
        app = Web::App.on(book, secret: "b" * 64)
        ->(env) { env["PATH_INFO"].start_with?("/bare") ? Bare.call(env) : app.call(env) }
      end
    end
  end
end
