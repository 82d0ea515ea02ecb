# frozen_string_literal: true

require "date"

module YellowTrack
  module Web
    module Visits
      # Long waits of a plan as they are drawn: those of the same kind over the same days are one.
      module Waits
        LONG = 16 * 60 # minutes of a wait that is drawn

        # from and to, moments; befores, keys of the steps that wait; words, what for.
        Wait = Struct.new(:from, :to, :befores, :words, keyword_init: true)

        module_function

        # @param waits [Array<Hash>] of a plan
        # @yieldparam key [String] of a step
        # @yieldreturn [String] what it is, in words
        # @return [Array<Wait>]
        def of(waits)
          long = waits.select { |wait| wait["before"] && minutes(wait) >= LONG }
          alike = long.group_by { |wait| [yield(wait["after"]), wait["from"][0, 10], wait["to"][0, 10]] }
          alike.map do |(what, *), all|
            from, to, befores, afters = %w[from to before after].map { |name| all.map { |wait| wait[name] } }
            Wait.new(from: from.min, to: to.max, befores:,
              words: "after #{what} #{YellowTrack::Visits.letters(afters)}")
          end
        end

        # How long a wait is.
        def minutes(wait) = ((DateTime.iso8601(wait["to"]) - DateTime.iso8601(wait["from"])) * 1440).to_i
      end
    end
  end
end
