# frozen_string_literal: true

module YellowTrack
  module Practice
    # What an answer would be by a slip; words name it.
    Slip = Struct.new(:words, :value)
  end
end
