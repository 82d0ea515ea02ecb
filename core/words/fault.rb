# frozen_string_literal: true

module YellowTrack
  # What a person can mend: the root of every error whose message is meant
  # for the fitter. The message says what was typed, what is wrong with it and
  # what would work. Programmers' mistakes raise Ruby's ordinary exceptions.
  class Fault < StandardError
    # @return [String, nil] the dotted key of the value at fault, as in
    #   "survey.widths.top"; nil when the fault belongs to no single key
    attr_reader :key

    # @return [String] the message without its key, for a place where the key
    #   is in sight
    attr_reader :words

    # @param key [String, nil] of the field that it is about
    def initialize(words, key: nil)
      @words = Fault.on_one_line(words)
      @key = key && Fault.on_one_line(key)
      super([@key, @words].compact.join(": "))
    end

    # @return [Array<Fault>] those that it names: itself
    def list = [self]

    # A fault is one line, whatever was typed: a tab, a line feed or a NUL in it
    # is shown as such.
    def self.on_one_line(text) = text.gsub(/[[:cntrl:]]/) { |char| char.inspect[1..-2] }
  end
end
