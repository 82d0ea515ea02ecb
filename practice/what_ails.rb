# frozen_string_literal: true

module YellowTrack
  module Practice
    # A symptom, findings at their price in minutes, and the cause to be named (handbook 13).
    class WhatAils < Drill
      KEY, NAME = "what-ails", "What is wrong with it"
      LEARN = "What tells most for its minutes is asked first; a cause is named once it has four fifths of it; while " \
        "anything tells with the door hanging, it stays where it is."
      SETS = [{"family" => "bypass", "support" => "top-hung"}, {"family" => "bypass", "support" => "bottom-rolling"},
        {"family" => "bypass", "support" => "wall-hung"}, {"family" => "bifold"}, {"family" => "pocket"}].freeze
      SYMPTOMS = {1 => %w[scrapes stiff jumps], 2 => %w[scrapes stiff jumps end_low taper],
                  3 => %w[scrapes stiff jumps end_low taper rubs_head bounces],
                  4 => %w[scrapes stiff end_low taper rubs_head bounces handle wont_stay_shut],
                  5 => %w[scrapes stiff end_low taper rubs_head bounces rattles swings track_loose]}.freeze
      ASKED = {1 => 1..3, 2 => 1..4, 3 => 2..5, 4 => 3..9, 5 => 2..9}.freeze # findings that the best takes
      # What is found in another way than the cause would have it, of ten.
      ODD = {1 => 0, 2 => 1, 3 => 2, 4 => 4, 5 => 6}.freeze
      NEAR = 0.05 # of the runner-up, in the end, at the last level
      OF = {1 => 4, 2 => 6, 3 => 9, 4 => 12, 5 => 12}.freeze # causes, the likeliest but one first
      LIKELY = 0.02 # share, before anything is asked, of a cause that is drawn
      TOLD = "the likeliest was named before it was asked"

      private

      def file = "service"

      def drawn
        set = site.pick(SETS)
        {"format" => "yellow-track/service", "version" => 1, **set, "set" => {}, "door_down" => false,
         "symptoms" => [site.pick(SYMPTOMS.fetch(level))], "findings" => {}}
      end

      # A symptom that is not said of such a set is at fault in its file: another is drawn.
      def draw
        @document = drawn
        @told = @subject = @read.call(file, @document)
        cause = site.pick(likely)
        @door = cause && PlayedDoor.new(@told, cause, found(cause), most: ASKED.fetch(level).max)
        return unless @door&.best && ASKED.fetch(level).cover?(@door.best.length)

        @document = @document.merge("findings" => @door.answers.slice(*@door.best))
        posed(@door, parts(@door)) if level < 5 || near?
      rescue Faults
        nil
      end

      # Causes that it may be, but for the one that is named without asking.
      def likely
        @told.causes.drop(1).first(OF.fetch(level)).select { |one| one.share >= LIKELY }.map(&:cause)
      end

      # What would be found under a cause: mostly what it has most, at times another.
      def found(cause)
        @told.fitting.to_h do |finding|
          chances = @told.likelihoods.of(finding, cause)
          [finding.key, (site.random.rand(10) < ODD.fetch(level)) ? drawn_by(chances) : chances.max_by(&:last).first]
        end
      end

      def drawn_by(chances)
        left = site.random.rand * chances.values.sum
        chances.find { |_, chance| (left -= chance) <= 0 }&.first || chances.keys.last
      end

      # Whether another cause is still near in the end.
      def near? = @door.after(@door.best).causes[1].share >= NEAR

      def asked(_set) = "What is wrong with it? Ask what tells, then name the cause."

      def play = @door

      def given(_door)
        {"the door" => @document["support"] || @document["family"], "it is said" => @told.told.first.label}
      end

      def parts(door)
        options = @told.causes.map(&:cause).sort_by(&:label).to_h { |cause| [cause.key, cause.label] }
        answer = CauseMark::Said.new(door.best, door.after(door.best).first.cause.key)
        [Part.new(key: "cause", label: "the cause", kind: :cause, answer:, options:,
          slips: [Slip.new(TOLD, CauseMark::Said.new([], door.likeliest))], stands_on: door, why: why(door))]
      end

      def why(door)
        asked = door.after(door.best).taken.map { |one| "#{one.finding.ask} #{one.answer.tr("_", " ")}" }
        "#{asked.join("; ")}: #{(door.after(door.best).first.share * 100).round} % in #{door.best_minutes} minutes."
      end
    end
  end
end
