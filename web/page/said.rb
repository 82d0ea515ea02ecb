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

      # The template that it is drawn with.
      def template = "page/said"

      # Whether ways lead on: not for somebody who is not signed in.
      def ways? = !visitor.nil?
    end
  end
end
