# frozen_string_literal: true

require "json"
require "yaml"

module YellowTrack
  module Files
    # What ships as data, read once: kit sheets and the schemas of our files.
    module Shelf
      FORMATS = "#{ROOT}/docs/formats"
      FREE = 25 # mm that an adjuster of a kit that is not known may go

      module_function

      # Every kit that ships, by its id.
      #
      # @return [Hash{String => Kit}]
      def kits
        @kits ||= Dir["#{ROOT}/data/kits/*.yml"].sort.to_h do |file|
          kit = kit(YAML.safe_load_file(file))
          [kit.id, kit]
        end
      end

      # The families that there are kits of.
      #
      # @return [Array<String>]
      def families = @families ||= kits.values.map(&:family).uniq.freeze

      # Names of a family's kits that ship, by their ids.
      #
      # @return [Hash{String => String}]
      def names_of(family)
        @names ||= kits.values.group_by(&:family).transform_values do |list|
          list.to_h { |kit| [kit.id, kit.name] }.freeze
        end
        @names.fetch(family)
      end

      # What a door of some manner hangs by while its kit is not known: as such kits
      # usually are, without their limits.
      #
      # @param manner [String] what carries it
      # @return [Hash] a kit sheet
      def unknown_kit(manner)
        usual = kits.values.find { |kit| kit.manner.key == manner }
        sheet = Numbers.rounded(usual.to_h)
        adjust = sheet["adjust"].merge("up" => FREE, "down" => FREE)
        sheet.merge("id" => Kit::UNKNOWN, "name" => "Kit not known", "adjust" => adjust, "thickness" => [1, 200],
          "tallest" => 4000, "weight" => sheet["weight"].merge("most" => 500))
      end

      # @param sheet [Hash] a parsed kit sheet
      # @return [Kit]
      # @raise [Faults]
      def kit(sheet) = Kit.new(typed(schema("kit"), sheet))

      # @param document [Object] a parsed opening file
      # @return [Opening]
      # @raise [Faults] all of its faults, each by key
      def opening(document)
        units = (document.is_a?(Hash) && document["units"] == "in") ? :in : :mm
        read = typed(schema("opening"), document, unit: units)
        past = past_their_bands(read.dig("service", "findings") || {})
        raise Faults.new(past) if past.any?

        Opening.new(read, kit_of(read["set"]["kit"]))
      end

      # Lengths that were found and that no door has.
      #
      # @return [Array<Fault>]
      def past_their_bands(findings)
        findings.filter_map do |key, value|
          finding = Knowledge.all.findings.fetch(key)
          next if !value.is_a?(Numeric) || finding.answer(value)

          Fault.new("#{Numbers.plain(value)} mm is no such length. From 0 to #{finding.longest} mm works.",
            key: "service.findings.#{key}")
        end
      end

      # An opening as a file again: what it reads back to is the same opening.
      #
      # @param opening [Opening]
      # @return [Hash] ready for JSON
      def document(opening) = schema("opening").write(opening.to_h, unit: opening.units)

      # @return [Schema] of "opening", "kit", "plan", "cut", "move", "service", "visits", "work",
      #   "board" or "job"
      def schema(name)
        @schemas ||= begin
          rules = %w[kit opening plan cut move service visits work board job].to_h do |key|
            ["#{key}.schema.json", JSON.parse(File.read("#{FORMATS}/#{key}.schema.json"))]
          end
          rules.to_h { |file, rule| [file.delete_suffix(".schema.json"), Schema.new(rule, others: rules)] }
        end
        @schemas.fetch(name)
      end

      # @raise [Faults] naming all that is wrong at once
      def typed(schema, document, unit: :mm)
        read, faults = schema.read(document, unit:)
        faults.any? ? raise(Faults.new(faults)) : read
      end

      # @return [Kit] one that is written out, or of the shelf by its name
      def kit_of(given)
        return Kit.new(given) if given.is_a?(Hash)

        kits.fetch(given) do
          raise Faults.new([Fault.new("\"#{given}\" is no kit that ships. There is #{kits.keys.join(", ")}.",
            key: "set.kit")])
        end
      end
    end
  end
end
