# frozen_string_literal: true

module YellowTrack
  module Web
    class SignIn
      # Passwords take a quarter of a second of a processor each, on purpose. They are looked at one
      # after another, so that the rest of the machine has its pages.
      module Passwords
        MOST = 6 # that wait; more are told to come again
        WAIT = 5 # seconds after which those may

        # More of them than are waited for.
        class TooMany < StandardError; end

        @one, @lock, @waiting = Mutex.new, Mutex.new, 0

        class << self
          # @raise [TooMany]
          def one_at_a_time(&)
            @lock.synchronize { (@waiting < MOST) ? @waiting += 1 : raise(TooMany) }
            begin
              @one.synchronize(&)
            ensure
              @lock.synchronize { @waiting -= 1 }
            end
          end
        end
      end
    end
  end
end
