# frozen_string_literal: true

module YellowTrack
  module Web
    # A page that says one thing: what is not there, or went wrong.
    class Said < Screen
      attr_reader :title, :says

      # @param title [String]
      # @param says [String]
      def initialize(title, says, visitor: nil, **rest)
        super(nil, visitor:, **rest)
        @title, @says = title, says
      end

      def template = "page/said"

      def ways? = !visitor.nil?
    end
  end
end
