# frozen_string_literal: true

require "bcrypt"
require "net/http"
require "socket"
require "uri"

module YellowTrack
  module Bench
    # The real server in a process of its own, on a book; and a page of it, as a browser
    # would send its readings.
    class Server
      TRIES = 400 # to reach it, 50 ms apart
      NAME, PASSWORD = "Runa", "a pencil behind the ear"

      # @return [Integer] of its process
      attr_reader :pid

      # @param book [String] path of a database
      # @param mirror [String, nil] where it is mirrored to
      def initialize(book, mirror: nil)
        let_in(book)
        @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
        told = {"YELLOW_TRACK_DB" => book, "PORT" => @port.to_s, Store::Mirror::NAME => mirror}
        @pid = spawn(told, "#{ROOT}/bin/serve", out: File::NULL, err: File::NULL)
      end

      # @yieldparam visitor [Visitor] signed in
      def talk
        cookie = signed_in
        Net::HTTP.start("127.0.0.1", @port) { |http| yield Visitor.new(http, cookie) }
      end

      # The page of an opening as it is once the server answers: what its form sends for a
      # value of a field, and the headers that go with it.
      #
      # @return [Array(Proc, Hash)]
      def page(opening_id)
        token = talk { |visitor| visitor.get("/openings/#{opening_id}/measure") }.body[Visitor::TOKEN, 1]
        form = ->(key, value) {
          URI.encode_www_form("authenticity_token" => token, "key" => key, "value" => value, "seen" => "9999999",
            "stage" => "measure")
        }
        [form, {"HX-Request" => "true"}]
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

      # One of the book's fitters has a password, which costs next to nothing to look at.
      def let_in(path)
        book = Store::Book.open(path)
        return if book.accounts.any_password?

        cost, BCrypt::Engine.cost = BCrypt::Engine.cost, BCrypt::Engine::MIN_COST
        Web::AccountCommand.give(book, book.accounts.named(NAME).id, PASSWORD)
      ensure
        BCrypt::Engine.cost = cost if cost
        book&.close
      end

      # He signs in once.
      #
      # @return [String] his cookie
      def signed_in
        @cookie ||= begin
          answered(URI("http://127.0.0.1:#{@port}/account/sign-in"))
          Net::HTTP.start("127.0.0.1", @port) { |http| Visitor.new(http).sign_in(NAME, PASSWORD) }
        end
      end

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
