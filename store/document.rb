# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # An opening file as it is kept: every value as it was typed. Changed by
    # copy.
    class Document
      # A new opening's: nothing read.
      def self.blank(name:, units:, set:, grain: nil)
        new({"format" => "yellow-track/opening", "version" => 1, "name" => name, "units" => units, "grain" => grain, "survey" => {},
             "set" => set}.compact)
      end

      # @param json [String]
      def self.parse(json) = new(JSON.parse(json))

      attr_reader :to_h

      def initialize(to_h)
        @to_h = to_h
        freeze
      end

      # What stands at a dotted key, as in "survey.widths.top" or
      # "survey.floor.2"; nil where nothing does.
      def [](key)
        steps(key).reduce(to_h) do |inner, step|
          case inner
          when Hash then inner[step]
          when Array then inner[Integer(step, 10)]
          end
        end
      end

      # A copy with another value at a key; nil takes it out. A place just
      # past the end of a list adds to it.
      #
      # @raise [KeyError] for a list's place that is not there
      def with(key, value) = Document.new(put(to_h, steps(key), value))

      def to_json(*) = JSON.generate(to_h)

      private

      def steps(key) = key.split(".")

      def put(inner, (step, *rest), value)
        return listed(inner || [], Integer(step, 10), value) if step.match?(/\A\d+\z/)

        inner = (inner || {}).dup
        inner[step] = rest.empty? ? value : put(inner[step], rest, value)
        inner[step].nil? ? inner.except(step) : inner
      end

      def listed(list, place, value)
        raise KeyError, "no place #{place} in a list of #{list.length}" if place > list.length

        list = list.dup
        list[place] = value
        list.compact.then { |left| left.empty? ? nil : left }
      end
    end
  end
end
