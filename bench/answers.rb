# frozen_string_literal: true

require "tmpdir"
require "uri"

module YellowTrack
  module Bench
    # An answer given on Look, saved and everything drawn anew, over HTTP; another
    # answer each time, so that nothing is kept from the last.
    class Answers
      COUNT = 200
      WARM = 30
      FINDINGS = {"came" => %w[from_new at_once slowly], "damp" => %w[dry washed weather], "taper" => ["1", "3", "6"],
                  "low" => %w[level one_end both_ends], "house" => %w[yes no]}.freeze

      # @return [Array<String>] a line of figures each
      def call
        Dir.mktmpdir do |folder|
          @site = Site.new(Store::Book.open("#{folder}/bench.sqlite3"))
          Demo::Loader.new("").fill(@site.book)
          @id = @site.book.openings.of(2).last.id
          @site.serve { |http| [Timing.line("a question answered, all renewed", times(http))] }
        end
      end

      private

      def times(http)
        token(http)
        all = Array.new(COUNT + WARM) { |turn| Timing.once { answered(http, turn) } }
        all.drop(WARM).sort
      end

      def token(http)
        @head = {"HX-Request" => "true"}
        @token = http.get("/openings/#{@id}/look").body[Visitor::TOKEN, 1]
      end

      def answered(http, turn)
        key, answers = FINDINGS.to_a[turn % FINDINGS.length]
        form = URI.encode_www_form("authenticity_token" => @token, "key" => "service.findings.#{key}",
          "stage" => "look", "value" => answers[(turn / FINDINGS.length) % answers.length], "seen" => "9999999")
        raise "not saved" unless http.post("/openings/#{@id}/values", form, @head).code == "200"
      end
    end
  end
end
