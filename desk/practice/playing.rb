# frozen_string_literal: true

module YellowTrack
  module Desk
    # Steps of a question that is played before it is answered: what a step may be, and when
    # there are no more.
    class Playing
      # @param question [Practice::Question] one that is played
      # @return [Playing]
      # @raise [Fault] for one that is not
      def self.of(question)
        play = question.play or raise Fault.new("Nothing is turned or asked here: give the answer.", key: "step")
        (play.is_a?(Practice::PlayedBench) ? Moves : Findings).new(play)
      end

      # @param play [Practice::PlayedBench, Practice::PlayedDoor]
      def initialize(play)
        @play = play
      end

      # Moves of a panel's hangers: "-3,0".
      class Moves < Playing
        # That a step can be made now; raises a Fault for one that cannot.
        def check(steps, step)
          moves = Answering.moves([*steps, step])
          raise ArgumentError unless moves.last.length == Practice::PlayedBench::SIDES.length

          controls = @play.controls(moves[0...-1])
          given = Practice::PlayedBench::SIDES.zip(moves.last).to_h
          raise Fault.new("No hanger was turned. Turn one, or leave it so.", key: "turns") if given.values.all?(&:zero?)
          return if controls.within(given) == given

          ends = controls.all.map { |name, one| "#{name} from #{one.least} to #{one.most}" }.join(", ")
          raise Fault.new("#{moves.last.join(" and ")} quarter turns go past an adjuster's end. It takes: #{ends}.",
            key: "turns")
        rescue ArgumentError
          raise Fault.new("\"#{step[0, 40]}\" is no move: two whole numbers of quarter turns.", key: "turns")
        end

        # Whether there are no more steps.
        def over?(steps) = @play.over?(Answering.moves(steps))
      end

      # Findings of a door, by their keys.
      class Findings < Playing
        # That a step can be made now; raises a Fault for one that cannot.
        def check(steps, step)
          return if @play.askable(steps).any? { |finding| finding.key == step }

          raise Fault.new("\"#{step[0, 40]}\" cannot be asked here, or was asked already. Ask another.", key: "cause")
        end

        # Whether there are no more steps.
        def over?(_steps) = false
      end
    end
  end
end
