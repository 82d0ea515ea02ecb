# frozen_string_literal: true

require "puma"
require "puma/client"

module YellowTrack
  module Web
    # Looks at a request once its head is read: the server would take the whole body in, to a file
    # of its own, before anyone is asked. What is refused has its body left where it is, and the
    # application answers.
    module Intake
      class << self
        # @return [Limits, nil] of the one application of this process
        attr_accessor :limits
      end

      # Looks at a request's head before the server reads its body.
      def setup_body
        why = Intake.limits&.refusal(@env, counted: true)
        return super unless why

        @env[Limits::REFUSED] = why
        @env["HTTP_CONNECTION"] = "close"
        @env.delete("HTTP_TRANSFER_ENCODING")
        @env.delete("CONTENT_LENGTH")
        @read_header, @chunked_body, @buffer, @body = false, false, nil, Puma::Client::EmptyBody
        set_ready
        true
      end
    end

    Puma::Client.prepend(Intake)
  end
end
