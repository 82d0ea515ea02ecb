# frozen_string_literal: true

module YellowTrack
  module Files
    # Reads a move file (handbook 9): one hung panel.
    # Sample: {"kind": "slider", "kit": "twin-42", "width": 919, "height": 2200, "jamb": "left",
    # "gaps": {"top": 2, "middle": 3.5, "bottom": 5}, "at": {"left": 0.5}}: how a panel stands to its jamb, and where
    # its adjusters are.
    module MoveFile
      NEEDED = {"slider" => %w[jamb gaps at], "bifold" => %w[side_gap top_gap gt gb hp hl]}.freeze
      AT = {"slider" => %w[left right], "bifold" => %w[top bottom]}.freeze
      LEAST = 100r # mm; a smaller panel hangs nowhere
      SIZES = %w[width height].freeze

      module_function

      # @param document [Hash] as parsed
      # @return [Adjust::Slider, Adjust::Fold]
      # @raise [Faults] one for each key at fault
      def move(document)
        read = Shelf.typed(Shelf.schema("move"), document,
          unit: (document.is_a?(Hash) && document["units"] == "in") ? :in : :mm)
        missing(read)
        kit = Shelf.kit_of(read["kit"])
        agree(read, kit)
        (read["kind"] == "slider") ? slider(read, kit) : fold(read, kit)
      end

      # @raise [Faults] naming all that is missing at once
      def missing(read)
        faults = NEEDED.fetch(read["kind"]).select { |key| read[key].nil? }.map do |key|
          Fault.new("missing. A #{read["kind"]} needs it.", key:)
        end
        faults += SIZES.select { |key| read[key] < LEAST }
          .map { |key| Fault.new("#{read[key].to_f} mm is no panel. It takes #{LEAST.to_i} mm or more.", key:) }
        faults += ((read["at"] || {}).keys - AT.fetch(read["kind"])).map do |key|
          Fault.new("no such key. Known here: #{AT.fetch(read["kind"]).join(", ")}.", key: "at.#{key}")
        end
        raise Faults.new(faults) if faults.any?
      end

      # @raise [Faults] where kit and panel are of two families
      def agree(read, kit)
        return check_width(read, kit) if kit.manner.folds? == (read["kind"] == "bifold")

        raise Faults.new([Fault.new("#{kit.id} is a #{kit.family} kit and the panel is a #{read["kind"]}. Take the " \
          "kit that it hangs by.", key: "kit")])
      end

      # @raise [Faults] where the hangers would stand in each other's place
      def check_width(read, kit)
        least = kit["inset.design"] ? 2 * kit["inset.design"] : 0
        return if read["width"] > least

        raise Faults.new([Fault.new("#{read["width"].to_f} mm is too narrow for its two hangers. Over #{least.to_f} " \
          "works.", key: "width")])
      end

      # @return [Adjust::Slider]
      def slider(read, kit)
        at = %w[left right].to_h { |side| [side, read["at"][side] || 0r] }
        said = %w[jamb read width height floor bumper engagement tops].to_h { |key| [key.to_sym, read[key]] }
        Adjust::Slider.new(Adjust::Slider::Panel.new(kit:, at:, **said), gaps: read["gaps"])
      end

      # @return [Adjust::Fold]
      def fold(read, kit)
        said = %w[width height side_gap top_gap at].to_h { |key| [key.to_sym, read[key]] }
        pair = Adjust::Fold::Hanging.new(kit:, hinge: read["hinge"] || kit.fetch("hinge_gap"),
          half_jamb: read.dig("half_jamb", "thickness"), **said)
        Adjust::Fold.new(pair, gaps: read.slice("gt", "gb", "hp", "hl"), school: read["school"])
      end
    end
  end
end
