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
      WARM = 50
      SIZE = "/openings/1/size"

      # A page of one query and one template, and no more.
      class Bare < Sinatra::Base
        set :environment, :production
        set :host_authorization, permitted_hosts: []
        set :erb, escape_html: true

        get("/bare/:id") { erb "<!doctype html><title>Bare</title><p><%= settings.book.jobs.find(Integer(params[:id])).name %></p>" }
      end

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          book = Store::Book.open("#{folder}/bench.sqlite3")
          Demo::Loader.new("").fill(book)
          serve(book) { |http| measure(http, book) }
        end
      end

      private

      def measure(http, book)
        token(http)
        times = {"bare page" => [], "Size page" => [], "Size page after a change" => [], "a reading saved, all renewed" => []}
        (COUNT + WARM).times do |turn|
          round = [timed(http, "/bare/1"), timed(http, SIZE), afresh(http, book, turn), typed(http, turn)]
          times.values.zip(round) { |list, time| list << time } if turn >= WARM
        end
        times.each_value(&:sort!)
        bare, size, _, saved = times.values.map { |list| Timing.median(list) }
        [*times.map { |name, list| Timing.line(name, list) }, format("%-34s %.2f", "Size page ÷ bare page", size / bare),
          format("%-34s %.2f", "saved reading ÷ bare page", saved / bare)]
      end

      # The page's token and the session it belongs to.
      def token(http)
        answer = http.get("/openings/2/measure")
        @head = {"Cookie" => answer["set-cookie"].split(";").first, "HX-Request" => "true"}
        @token = answer.body[/name="authenticity_token" value="([^"]+)"/, 1]
      end

      # Types another reading: saved, logged, drawing and tally made anew.
      def typed(http, turn)
        form = URI.encode_www_form("authenticity_token" => @token, "key" => "survey.depth", "value" => (124 + turn/1000r).to_f.to_s,
          "seen" => "9999999", "stage" => "measure")
        Timing.once { raise "not saved" unless http.post("/openings/2/values", form, @head).code == "200" }
      end

      def timed(http, path) = Timing.once { get(http, path) }

      # With another lap each time, nothing on the page has been worked out
      # before.
      def afresh(http, book, turn)
        book.openings.change(1, "set.lap", (34 + turn/100r).to_f.to_s, seen: 0, overrule: true) { {} }
        timed(http, SIZE)
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
