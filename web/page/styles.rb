# frozen_string_literal: true

module YellowTrack
  module Web
    # The style sheets of a page: base, the parts that pages share, and the sheet of its own folder.
    # A sheet of a folder names that folder's pages at the head of every rule (spec/web/styles_spec.rb).
    module Styles
      PARTS = %w[base head controls rail drawing bench shared].map { |name| "/css/#{name}.css" }.freeze
      OF_PAPER = %w[base head controls drawing paper].map { |name| "/css/#{name}.css" }.freeze
      # Parts that a few folders share.
      FEW = {"/css/tally.css" => %w[measure choose size prepare adjust look mend take_down rehang hand_over fit
        job],
             "/css/service.css" => %w[look take_down mend rehang fit],
             "/css/adjust.css" => %w[adjust rehang practice],
             "/css/steps.css" => %w[hang mend take_down prepare fit],
             "/css/place.css" => %w[measure adjust rehang practice]}.freeze

      # What each folder's own sheet says, by the folder's name.
      OWN = Dir["#{ROOT}/web/*/page.css"].sort.to_h { |file|
        [File.basename(File.dirname(file)),
          File.read(file)]
      }.freeze

      module_function

      # @param folder [String] of the page's template: "look"
      # @param paper [Boolean] whether it is laid out to be printed
      # @return [Array<String>] paths, in the order that they are loaded
      def of(folder, paper: false)
        few = FEW.select { |_, folders| folders.include?(folder) }.keys
        [*(paper ? OF_PAPER : PARTS + few), *(path(folder) if OWN.key?(folder))]
      end

      # @return [String] where a folder's own sheet is served
      def path(folder) = "/pages/#{folder}.css"
    end
  end
end
