# frozen_string_literal: true

module YellowTrack
  module Desk
    # Facts around an opening in words: what each is called, where it is read, and what
    # a set takes of it (handbook 3, "Facts first").
    module Facts
      # name; what a set needs of it, with {mm} for the figure; how it is asked for
      Words = Struct.new(:name, :needs, :ask)

      TABLE = {
        "survey.depth" => ["depth", "{mm} of depth in the opening", "Read the depth of the opening"],
        "survey.front" => ["floor in front", "{mm} of free floor in front", "Read the free floor in front"],
        "survey.beside.left" => ["wall, left", "{mm} of free wall at the left", "Read the free wall at the left"],
        "survey.beside.right" => ["wall, right", "{mm} of free wall at the right", "Read the free wall at the right"],
        "survey.above" => ["wall above", "{mm} of free wall above", "Read the free wall above"],
        "survey.wall.projection" => ["what stands off the wall", "how far things stand off the wall",
          "Read how far skirting or casing stand off the wall"],
        "survey.wall.studs" => ["studs", "studs, or a solid wall", "Find the studs, or say that the wall is solid"],
        "survey.wall.thickness" => ["wall, thick", "a wall {mm} thick", "Read how thick the wall is"],
        "survey.wall.services" => ["services", "what is in the wall", "Find out what is in the wall"],
        "survey.wall.bears_load" => ["load", "whether the wall bears load", "Find out whether the wall bears load"],
        "survey.head.of" => ["head", "what the head is made of", "Find out what the head is made of"],
        "set.makeup" => ["make-up", "what the panels are made of", "Say what the panels are made of"]
      }.transform_values { |words| Words.new(*words).freeze }.freeze

      module_function

      # How a fact is asked for.
      def ask(key) = TABLE.fetch(key).ask

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
