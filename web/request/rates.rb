# frozen_string_literal: true

require "rack/attack"

module YellowTrack
  module Web
    # How often one address may try: the ways in, and what is sent up.
    module Rates
      # Counts in memory, gone with the process. It is asked under a lock of its own.
      class Counts
        MANY = 5_000 # keys, after which those that are over are let go

        # Counts nothing yet.
        def initialize
          @counts, @lock = {}, Mutex.new
        end

        # Counts one more. @return [Integer] how many there are in its time
        def increment(key, by = 1, expires_in: 60)
          @lock.synchronize do
            sweep if @counts.length > MANY
            count, over = live(key)
            @counts[key] = [count + by, over || now + expires_in]
            count + by
          end
        end

        # How many there are; nil for none.
        def read(key) = @lock.synchronize { live(key).first }

        # Puts a count in the place of another.
        def write(key, value, expires_in: 60) = @lock.synchronize { @counts[key] = [value, now + expires_in] }

        # Forgets a count.
        def delete(key) = @lock.synchronize { @counts.delete(key) }

        private

        def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

        def live(key)
          count, over = @counts[key]
          (count && over > now) ? [count, over] : [0, nil]
        end

        def sweep = @counts.delete_if { |_, (_, over)| over <= now }
      end

      WAYS_IN = %r{\A/account/(sign-in|join|new-password|code|recovery|password|second-factor|one-factor)\z}
      LIMITS = {"ways in" => [WAYS_IN, 20, 60], "ways in, all day" => [WAYS_IN, 200, 3600],
                "sent up" => [Limits::FILES, 60, 60]}.freeze

      Rack::Request.forwarded_priority = [:x_forwarded]

      module_function

      # Lays down the limits, an address each: one table for the process.
      #
      # @return [Class] the middleware that holds to them
      def lay
        Rack::Attack.cache.store = Counts.new
        LIMITS.each do |name, (paths, limit, period)|
          Rack::Attack.throttle(name, limit:, period:) do |request|
            address(request) if request.post? && paths.match?(request.path)
          end
        end
        Rack::Attack.throttled_responder = method(:too_often)
        Rack::Attack
      end

      # Where a request comes from: as the proxy says where there is one, and nobody else.
      # A proxy says it by X-Forwarded-For alone; what else a browser says of it, it says itself.
      def address(request) = (request.env["HTTPS"] == "on") ? request.ip : request.env["REMOTE_ADDR"]

      # Says how often, and how long to wait.
      def too_often(request)
        data = request.env["rack.attack.match_data"]
        wait = data[:period] - data[:epoch_time] % data[:period]
        [429, {"content-type" => "text/plain; charset=utf-8", "retry-after" => wait.to_s},
          ["Too often: #{data[:count]} times. Wait #{wait} seconds, then send it again. Nothing was changed.\n"]]
      end
    end
  end
end
