# frozen_string_literal: true

module YellowTrack
  # An opening that is still to be built, from the doors that go into it
  # (handbook 15, "Doors first"): it has no readings; what its doors want stands in
  # their place.
  module Planned
    READ = %w[widths heights diagonals leans floor check].freeze

    module_function

    # @param opening [Opening] that is planned
    # @return [Opening] with the readings that its doors want
    # @raise [Faults] for readings that it cannot have, or sizes that it needs
    def built(opening)
      refuse(opening)
      wanted = Wanted.new_for(opening, Working.new)
      covering = opening.survey.covering
      opening.read(
        "widths" => %w[top middle bottom].to_h { |place| [place, wanted.width[:design]] },
        "heights" => %w[left middle right].to_h { |place| [place, wanted.height[:design] + covering] }
      )
    end

    # A framer's sheet states what is to be built; an opening that was read is not planned.
    def refuse(opening)
      faults = READ.reject { |key| empty?(opening.survey[key]) }.map do |key|
        Fault.new("is read, and the opening is still to be built. Leave it out, or say that it stands " \
          "(\"planned\": false).", key: "survey.#{key}")
      end
      faults += Wanted::NEEDED.reject { |_, key| opening[key] }.map do |key, name|
        Fault.new("missing. An opening still to be built is worked out from its panels' width and height: give the " \
          "#{name}.", key:)
      end
      raise Faults.new(faults) if faults.any?
    end

    # Whether nothing stands there, or nothing but gaps in a list.
    def empty?(reading) = reading.nil? || (reading.is_a?(Hash) ? reading.values : reading).compact.empty?
  end
end
