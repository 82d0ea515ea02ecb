# frozen_string_literal: true

module YellowTrack
  # So many of something, as it is said: "1 track piece", "2 track pieces". The one place that makes
  # a plural a singular.
  module Count
    # Names whose first word is the one that is counted.
    ODD = {"stops with bumper" => "stop with bumper", "bottles of glue" => "bottle of glue",
           "tins of sealer" => "tin of sealer", "blocks for brackets" => "block for brackets"}.freeze

    module_function

    # @param count [Integer]
    # @param many [String] what two of them are called, or what there is one of at the most
    # @return [String]
    def told(count, many) = "#{count} #{name(count, many)}"

    # What so many of them are called.
    #
    # @return [String]
    def name(count, many) = (count == 1) ? ODD.fetch(many) { many.sub(/(?<!s)s\z/, "") } : many
  end
end
