# frozen_string_literal: true

module YellowTrack
  # Several faults found in one reading, all named at once.
  class Faults < Fault
    # @return [Array<Fault>] in the order in which they were met
    attr_reader :list

    # @param list [Array<Fault>] one at the least
    def initialize(list)
      @list = list.freeze
      super(list.map(&:message).join(" "))
    end

    # A line each.
    def message = list.map(&:message).join("\n")

    alias_method :words, :message
  end
end
