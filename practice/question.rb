# frozen_string_literal: true

module YellowTrack
  module Practice
    # What is asked.
    #
    # file     [String] the command that reads its document: "plan", "move", "cut",
    #          "service" or "visits"
    # document [Hash] the file that it stands on
    # subject  [Object] what was read from it
    # units    [String] "mm" or "in"
    # asked    [String] in words
    # parts    [Array<Part>] what has to be said
    # given    [Hash{String => Numeric, String}] what else is known, mm or words, by a name
    # grain    [Rational] mm that its readings go by
    # play     [PlayedBench, PlayedDoor, nil] what goes on step by step before it is answered
    Question = Struct.new(:drill, :level, :seed, :file, :document, :subject, :units, :asked, :parts, :given, :grain,
      :play, keyword_init: true) do
      # @return [:mm, :in]
      def unit = (units == "in") ? :in : :mm
    end
  end
end
