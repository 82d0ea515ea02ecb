# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # How doors are taken down (handbook 13, "Taking it down"), read once.
    module TakingDown
      # track  where that makes a difference: what it is called there, else nil
      # held   by what; order, in which that is freed
      Way = Struct.new(:track, :label, :held, :order, keyword_init: true)

      module_function

      # @param family [String] what carries it
      # @return [Array<Way>] one, or one for each track that it may have
      def ways(family) = file.fetch(family).map { |row| Way.new(**row.transform_keys(&:to_sym)).freeze }

      # What is marked before it is turned round.
      #
      # @return [Array<String>]
      def marks = file.fetch("marks")

      # How it stands meanwhile.
      def stands = file.fetch("stands")

      # What is done whatever the cause, while it is off.
      def always_off = file.fetch("always_off")

      # @return [Hash] of what comes down for what, read once
      def file = @file ||= YAML.safe_load_file("#{Knowledge::FOLDER}/taking.yml")
    end
  end
end
