# frozen_string_literal: true

module YellowTrack
  module Desk
    # An opening that is still to be built, as it is asked for by its doors: panels of
    # a given width and height, their kit, and a covering to come.
    class Doors
      SIZES = {"width" => "how wide a panel is", "height" => "how high it is"}.freeze
      COUNTED = {"bifold" => "panels", "pocket" => "leaves", "bypass" => "panels"}.freeze

      # @param job [Job]
      # @param typed [Hash{String => String}]
      # @param unit [Symbol] in which bare lengths were meant
      def initialize(job, typed, unit)
        @job, @typed, @unit = job, typed.transform_values { |text| text.to_s.strip }, unit
      end

      # @return [Store::Document]
      # @raise [Fault]
      def document
        made = Store::Document.blank(name: Store::Jobs.named(@typed["name"]), units: @job.row.units,
          grain: Files::HouseRules.grain(rules, @job.row.units), set: set).with("survey", survey)
        refused = Reckoned.of(made.to_h)
        raise refused.refusal if refused.refusal

        made
      end

      private

      def survey
        {"planned" => true,
         "covering" => (covering = meant("covering")) && {"thickness" => covering, "laid" => false}}.compact
      end

      def set
        SIZES.each { |key, what| raise Fault.new("Say #{what}: as in 820 mm.", key:) if @typed[key].to_s.empty? }
        Files::HouseRules.for_set(rules, family).merge("family" => family, "kit" => sheet || kit.id,
          COUNTED.fetch(family) => count, "width" => meant("width"), "height" => meant("height"),
          "thickness" => meant("thickness")).compact
      end

      def rules = @job.rules

      # The kit's own sheet, where it is the fitter's.
      def sheet = @sheet ||= @job.book.own_kits.sheet(@typed["kit"])

      def kit
        @kit ||= sheet ? Files::Shelf.kit(sheet) : Files::Shelf.kits[@typed["kit"]] || raise(Fault.new("Choose a kit.",
          key: "kit"))
      end

      def family = kit.family

      # Nothing said: the usual of the kit.
      def count = Integer(@typed["panels"].to_s, 10, exception: false)

      def meant(key)
        text = @typed[key]
        Field.meant(text, @unit, @job.units) unless text.nil? || text.empty?
      end
    end
  end
end
