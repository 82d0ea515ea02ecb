# frozen_string_literal: true

module YellowTrack
  module Bench
    # Runs the measurements that are asked for and prints their figures.
    class Run
      ALL = {"plan" => Plans, "closure" => Closures, "command" => Commands, "cut" => Cuttings, "papers" => Packs,
             "page" => Pages, "lists" => Lists, "settle" => Settling, "choose" => Choices, "service" => Services,
             "visits" => Crews, "practice" => Drills, "faults" => Faults, "load" => Load, "house" => House}.freeze

      # @param names [Array<String>] none for all
      def initialize(names)
        unknown = names - ALL.keys
        unless unknown.empty?
          Files::Help.wrong("There is no measurement #{unknown.join(", ")}. There is #{ALL.keys.join(", ")}.")
        end

        @names = names.empty? ? ALL.keys : names
      end

      def call = @names.each { |name| ALL.fetch(name).new.call.each { |line| puts line } }
    end
  end
end
