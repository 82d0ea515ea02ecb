# frozen_string_literal: true

module YellowTrack
  # What a check found: it will not work (stop), it will with care (watch), or
  # it is worth knowing (note) (handbook 1). Checks never block saving.
  Check = Struct.new(:code, :level, :says, :do, keyword_init: true) do
    # @return [Integer] 0 for the worst
    def weight = Check::LEVELS.index(level)

    # Whether the set must not be built like this.
    def stop? = level == :stop

    # Its first sentence, and the rest; nil for no rest.
    #
    # @return [Array(String, String), Array(String)]
    def sentences = says.split(/(?<=\.)\s+(?=[A-Z])/, 2)

    # The level an opening goes by: that of its worst check.
    #
    # @return [Symbol, nil]
    def self.worst(checks) = checks.min_by(&:weight)&.level
  end

  Check::LEVELS = %i[stop watch note].freeze
end
