# frozen_string_literal: true

module YellowTrack
  module Bench
    # Runs the measurements that are asked for and prints their figures.
    class Run
      ALL = {"plan" => Plans, "closure" => Closures, "sure" => Slips, "command" => Commands, "cut" => Cuttings,
             "papers" => Packs, "page" => Pages, "lists" => Lists, "settle" => Settling, "choose" => Choices,
             "service" => Services, "visits" => Crews, "board" => Boards, "practice" => Drills, "whole" => Whole,
             "faults" => Faults, "load" => Load, "house" => House, "mutants" => Mutants}.freeze

      LONGEST = %w[mutants whole].freeze

      # @param names [Array<String>] none for all but the two that take longest
      def initialize(names)
        unknown = names - ALL.keys
        unless unknown.empty?
          Files::Help.wrong("There is no measurement #{unknown.join(", ")}. There is #{ALL.keys.join(", ")}.")
        end

        @names = names.empty? ? ALL.keys - LONGEST : names
      end

      # Prints them; ends with status 1 where one is not what it has to be.
      def call
        $stdout.sync = true
        failed = @names.count do |name|
          one = ALL.fetch(name).new
          one.call.each { |line| puts line }
          one.respond_to?(:failed?) && one.failed?
        end
        exit(1) if failed.positive?
      end
    end
  end
end
