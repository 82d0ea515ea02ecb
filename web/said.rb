# frozen_string_literal: true

module YellowTrack
  module Web
    # A page that says one thing: what is not there, or went wrong.
    class Said < Screen
      attr_reader :title, :says

      # @param title [String]
      # @param says [String]
      def initialize(title, says, **rest)
        super(nil, visitor: nil, **rest)
        @title, @says = title, says
      end

      def template = "said"
    end
  end
end
