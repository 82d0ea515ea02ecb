# frozen_string_literal: true

module YellowTrack
  module Web
    class SignIn
      # A device in a few words: what it says of itself, and where it stood.
      module Device
        module_function

        # @param agent [String] what a browser says it is
        # @param address [String]
        def of(agent, address)
          kind = agent.match?(/mobile|phone/i) ? "phone" : "computer"
          "#{kind} at #{address[0, 45]}"
        end
      end
    end
  end
end
