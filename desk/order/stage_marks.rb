# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    # What the rows of the stages say of an opening: their marks, and what is next
    # while they are on the screen.
    module StageMarks
      module_function

      # Readings close, and nothing in them wants care.
      def measured(opening) = opening.survey.complete? ? opening.worst_of("survey.", "size.") || :done : nil

      # Somebody chose, and it makes a set.
      def chosen(opening) = (opening.plan && opening.chosen?) ? :done : nil

      # What is wrong with the set itself.
      def sized(opening)
        opening.plan && opening.all_checks.map(&:code).grep_v(/\Asurvey\./)
          .then { |codes| codes.any? ? opening.worst_of(*codes) : nil }
      end

      # Its mark: done once all steps are.
      def hung(opening) = (opening.come_to?("hang") && opening.progress.done?) ? :done : nil

      # Its mark: done once all gaps are even.
      def adjusted(opening) = (opening.come_to?("adjust") && opening.turning.settled?) ? :done : nil

      # What is next while Size is on the screen.
      def size_next(opening)
        set, printer = opening.plan.set, opening.cut_printer
        size = "#{printer.with_unit(set.width)} × #{printer.with_unit(set.height)}"
        return NextStep.new(sentence: "Size the set: panels come to #{size}.", stage: "size") if opening.chosen?

        NextStep.new(sentence: "Choose the set; with the usual one panels come to #{size}.", stage: "choose")
      end

      # What lists say of one that nobody chose for: a look at every kit is for its page alone.
      def listed_next(opening) = opening.chosen? ? nil : size_next(opening)

      # A fact that is not read yet and that the first of the choice hang on comes
      # before the set.
      def choose_next(opening)
        choosing = SetChoice.new(opening)
        cards = choosing.refusal ? [] : choosing.choice.cards
        fact = cards.first(2).flat_map { |card| (card.state == "if") ? card.unread.map(&:key) : [] }.first
        return size_next(opening) unless fact

        NextStep.new(sentence: "#{Facts.ask(fact)}: the choice hangs on it.", stage: Facts.stage(fact),
          anchor: Facts.anchor(fact))
      end

      # What is next while Cut is: a stop comes before the saw.
      def cut_next(opening)
        stop = opening.all_checks.find(&:stop?)
        return NextStep.new(sentence: opening.told(stop).do, stage: "size", anchor: stop.code) if stop
        return hang_next(opening) if opening.all_cut?

        part = opening.parts.linear.find { |one| !opening.cuts.key?(one.code) } or return hang_next(opening)
        NextStep.new(sentence: "Cut #{part.code}, the #{part.name}, to #{opening.cut_printer.with_unit(part.length)}." \
          "#{" #{part.says}" if part.says}", stage: "cut")
      end

      # What is next while Hang is.
      def hang_next(opening)
        step = opening.progress.now
        return hung_next(opening) unless step

        NextStep.new(sentence: step.does, stage: "hang", anchor: "step.#{step.key}")
      end

      # All hung: what is next of the gaps, once somebody read one.
      def hung_next(opening)
        return adjust_next(opening) if opening.come_to?("adjust")

        NextStep.new(sentence: "All hung. Read the gaps at each jamb.", stage: "adjust")
      end

      # What is next while Adjust is.
      def adjust_next(opening) = opening.turning.next_step

      # Handed over, and nothing of it is being mended since.
      def handed_over(opening)
        (HandingOver.new(opening).last && (!opening.service.on? || opening.service.closed?)) ? :done : nil
      end

      # What is next while Hand over is.
      def hand_over_next(opening)
        handing = HandingOver.new(opening)
        return handed(handing) if handed_over(opening)
        return unsettled(opening) unless handing.settled?

        NextStep.new(sentence: "Hand it over: show how it runs, and how it is cleaned.", stage: "hand-over")
      end

      # What is to be settled before.
      def unsettled(opening)
        return ServiceMarks.rehang_next(opening) if opening.service.on? && !opening.service.closed?

        opening.plan ? opening.turning.next_step : NextStep.new(sentence: "Measure it first.", stage: "measure")
      end

      # That it is handed over, and when it is looked back.
      def handed(handing)
        day = Date.iso8601(handing.last.after["look_back"]).strftime("%-d %B")
        return NextStep.new(sentence: "Looked back. It is done.", stage: "hand-over") if handing.looks.any?

        NextStep.new(sentence: "Look back on #{day}: read the gaps again.", stage: "hand-over", anchor: "look")
      end
    end
  end
end
