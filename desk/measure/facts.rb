# frozen_string_literal: true

module YellowTrack
  module Desk
    # Facts around an opening in words: what each is called, where it is read, and what
    # a set takes of it (handbook 3, "Facts first").
    module Facts
      # what has to be so; what a set needs of it, with {mm} for the figure; how it is asked for
      Words = Struct.new(:so, :needs, :ask)

      TABLE = {
        "survey.depth" => ["the opening is deep enough", "{mm} of depth in the opening",
          "Read the depth of the opening"],
        "survey.front" => ["the floor in front is free", "{mm} of free floor in front",
          "Read the free floor in front"],
        "survey.beside.left" => ["there is wall to the left", "{mm} of free wall at the left",
          "Read the free wall at the left"],
        "survey.beside.right" => ["there is wall to the right", "{mm} of free wall at the right",
          "Read the free wall at the right"],
        "survey.above" => ["there is wall above", "{mm} of free wall above", "Read the free wall above"],
        "survey.wall.projection" => ["it clears what stands off the wall", "how far things stand off the wall",
          "Read how far skirting or casing stand off the wall"],
        "survey.wall.studs" => ["there are studs, or the wall is solid", "studs, or a solid wall",
          "Find the studs, or say that the wall is solid"],
        "survey.wall.thickness" => ["the wall is thick enough", "a wall {mm} thick", "Read how thick the wall is"],
        "survey.wall.services" => ["nothing runs in the wall", "what is in the wall", "Find out what is in the wall"],
        "survey.wall.bears_load" => ["the wall bears no load", "whether the wall bears load",
          "Find out whether the wall bears load"],
        "survey.head.of" => ["the head holds a track", "what the head is made of",
          "Find out what the head is made of"],
        "set.makeup" => ["the panels are light enough", "what the panels are made of",
          "Say what the panels are made of"]
      }.transform_values { |words| Words.new(*words).freeze }.freeze

      module_function

      # What has to be so, in words: "there is wall to the left".
      def so(key) = TABLE.fetch(key).so

      # How a fact is asked for.
      def ask(key) = TABLE.fetch(key).ask

      # What it is, without the asking: "what the head is made of".
      def named(key) = ask(key).sub(/\A(Read|Say|Find out) /, "")

      # What a set needs of it, in words.
      #
      # @param fact [Choose::Facts::Fact]
      # @param printer [Length::Printer]
      def needs(fact, printer)
        TABLE.fetch(fact.key).needs.sub("{mm}") { fact.needs ? printer.with_unit(fact.needs) : "enough" }
      end

      # Where it is read: the stage, and the field on it.
      def stage(key) = key.start_with?("survey.") ? "measure" : "size"

      # The field that a fact is typed in.
      def anchor(key) = (key == "set.makeup") ? "set.makeup.0" : key
    end
  end
end
