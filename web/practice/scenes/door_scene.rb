# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      module Scenes
        # A door that hangs badly: what is said of it, what was found so far at what price,
        # what can be asked yet.
        class DoorScene < Scene
          # A finding that can be asked: key and words, minutes, what it needs.
          Ask = Struct.new(:key, :words, :minutes, :needs)
          NEEDS = {"tool" => "a tool", "door off" => "the door off"}.freeze

          # What it is called to somebody who cannot see it.
          def label = "The door, and what was found of it"

          # A set that hangs as this door does.
          def drawing = Drawing::HungSet.new(Manner::ROWS.fetch(question.given.fetch("the door")), 2)

          # @return [Array<(String, String)>] what was asked, and what was found
          def found = now.taken.map { |one| [one.finding.ask, one.answer.tr("_", " ")] }

          # Minutes of what was asked so far.
          def minutes = told(now.minutes)

          # What to look at before anything is asked.
          def first_look = now.door.said.first.first

          # @return [Array<Ask>] what needs the door off last
          def askable
            door.askable(@screen.steps).sort_by.with_index { |finding, place| [finding.door_off? ? 1 : 0, place] }
              .map { |one| Ask.new(one.key, one.ask, told(one.cost(now.down?)), NEEDS[one.needs]) }
          end

          # An answer in words: the cause, and what asking came to.
          def said(answer)
            label = question.parts.first.options.fetch(answer.cause)
            "#{label}, in #{told(door.minutes(answer.asked))} minutes"
          end

          private

          def door = question.play

          def now = door.after(@screen.steps)

          def told(minutes) = Numbers.plain(minutes.to_f.round(1)).to_s
        end
      end
    end
  end
end
