# frozen_string_literal: true

module YellowTrack
  module Files
    # What each command reads from its document.
    module Commands
      READ = {"plan" => Shelf.method(:opening), "move" => MoveFile.method(:move), "cut" => CutFile.method(:cutting),
              "service" => ServiceFile.method(:diagnosis), "visits" => WorkFile.method(:visits),
              "board" => BoardFile.method(:board)}.freeze

      module_function

      # @param name [String] of a command
      # @param document [Hash] as parsed
      # @return [Opening, Adjust::Slider, Adjust::Fold, Cutting, Diagnosis, Visits]
      # @raise [Faults]
      def read(name, document) = READ.fetch(name).call(document)
    end
  end
end
