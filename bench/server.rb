# frozen_string_literal: true

require "net/http"
require "socket"
require "uri"

module YellowTrack
  module Bench
    # The real server in a process of its own, on a book; and a page of it, as a browser
    # would send its readings.
    class Server
      TRIES = 400 # to reach it, 50 ms apart

      # @return [Integer] of its process
      attr_reader :pid

      # @param book [String] path of a database
      def initialize(book)
        @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
        @pid = spawn({"YELLOW_TRACK_DB" => book, "PORT" => @port.to_s}, "#{ROOT}/bin/serve", out: File::NULL,
          err: File::NULL)
      end

      # @yieldparam http [Net::HTTP]
      def talk(&) = Net::HTTP.start("127.0.0.1", @port, &)

      # The page of an opening as it is once the server answers: what its form sends for a
      # value of a field, and the headers that go with it.
      #
      # @return [Array(Proc, Hash)]
      def page(opening_id)
        answer = answered(URI("http://127.0.0.1:#{@port}/openings/#{opening_id}/measure"))
        token = answer.body[/name="authenticity_token" value="([^"]+)"/, 1]
        form = ->(key, value) {
          URI.encode_www_form("authenticity_token" => token, "key" => key, "value" => value, "seen" => "9999999",
            "stage" => "measure")
        }
        [form, {"Cookie" => answer["set-cookie"].split(";").first, "HX-Request" => "true"}]
      end

      # kB of memory that it has.
      def memory = File.read("/proc/#{pid}/status")[/VmRSS:\s+(\d+)/, 1].to_i

      def stop(signal = :TERM)
        Process.kill(signal, pid)
        Process.wait(pid)
      rescue Errno::ESRCH, Errno::ECHILD
        nil
      end

      private

      # It takes a while to come up.
      def answered(address, tries = TRIES)
        Net::HTTP.get_response(address)
      rescue SystemCallError
        raise "the server did not start" if (tries -= 1).zero?

        sleep 0.05
        retry
      end
    end
  end
end
