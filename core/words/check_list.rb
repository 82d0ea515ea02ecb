# frozen_string_literal: true

module YellowTrack
  # The checks of one subject (the survey, a family), each in one place: its
  # rule, its level and its words.
  #
  #   class Checks < CheckList
  #     check "bypass.lap.long", :watch do |set|
  #       over = set.lap > set.kit.lap_most
  #       over && [says, cure]
  #     end
  #   end
  #
  # A rule gives nothing (nil or false) when all is well, or what it says and
  # what to do about it, with another level in front where that depends.
  class CheckList
    class << self
      # Adds a check.
      #
      # @param code [String] handbook's code
      # @param level [:stop, :watch, :note] unless the rule gives one
      # @yieldreturn [Array, nil, false] [says, cure] or [level, says, cure]
      def check(code, level, &rule) = rules << [code, level, rule]

      # @return [Array<Rule>] in the order in which they were declared
      def rules = @rules ||= []
    end

    # @param subject [Object] what the rules look at
    # @param printer [Length::Printer] writes the lengths in their words
    def initialize(subject, printer)
      @subject = subject
      @printer = printer
    end

    # @return [Array<Check>] what was found, in the handbook's order
    def found
      self.class.rules.filter_map do |code, level, rule|
        *other, says, cure = instance_exec(@subject, &rule) || next
        Check.new(code:, level: other.first || level, says:, do: cure).freeze
      end
    end

    private

    # A length in the job's own unit, with its unit.
    def len(mm) = @printer.with_unit(mm)

    # What is over a limit, is too much, or is short of what it takes, with its unit: never told as
    # the limit itself, nor as nothing; that much more or less is enough.
    def at_least(mm) = @printer.with_unit(mm, to: :ceil)

    # What is under a limit, or may be at the most, with its unit: never told as the limit itself.
    def at_most(mm) = @printer.with_unit(mm, to: :floor)

    # What will do, told inward: "43 to 48.9 mm".
    def range(least, most) = @printer.range(least, most)

    # A length in the job's own unit, bare.
    def num(mm) = @printer.short(mm)
  end
end
