# frozen_string_literal: true

module YellowTrack
  module Web
    # The next thing to do for an opening: one sentence with its number, and
    # where it is done.
    class NextStep
      attr_reader :sentence, :path

      # @param work [Work]
      # @param stage [String] the one on the screen
      # @param hanging [Proc] the opening's HangingSteps, when it hangs
      # @param adjusting [Proc] its Adjusting, when it is adjusted
      def initialize(work, stage, hanging:, adjusting:)
        @work, @hanging, @adjusting = work, hanging, adjusting
        @base = "/openings/#{work.row.id}"
        @sentence, @path = chosen(stage)
      end

      private

      def chosen(stage)
        missing || refused || suspect || unknown || by_stage(stage)
      end

      def by_stage(stage)
        case stage
        when "measure" then size
        when "hang" then hang(@hanging.call)
        when "adjust" then adjust(@adjusting.call)
        when "hand-over" then ["Hand it over: show how it runs, and how it is cleaned.", "#{@base}/hand-over"]
        else cut
        end
      end

      def missing
        key = @work.survey.missing.first or return
        ["Read the #{Survey::Words.name(key)}.", "#{@base}/measure##{Fields["survey.#{key}"].id}"]
      end

      def refused
        @work.refusal && [@work.refusal.message, "#{@base}/size"]
      end

      def suspect
        key = @work.closure.suspects.first or return
        hint = Fields["survey.#{key}"]&.hint
        ["Measure the #{Survey::Words.name(key)} again#{hint ? ": #{hint[0].downcase}#{hint[1..]}" : "."}",
          "#{@base}/measure##{Fields["survey.#{key}"]&.id}"]
      end

      def unknown
        @work.closure.open? && ["Take a diagonal: bottom left to top right.",
          "#{@base}/measure##{Fields["survey.diagonals.rising"].id}"]
      end

      def size
        set = @work.plan.set
        ["Size the set: panels come to #{long(set.width)} × #{long(set.height)}.", "#{@base}/size"]
      end

      def long(mm) = @work.cut_printer.with_unit(mm)

      def cut
        stop = @work.plan.checks.find(&:stop?)
        return [stop.do, "#{@base}/size##{stop.code.tr(".", "-")}"] if stop

        ["Cut the track to #{long(@work.plan.set.track.length)}. One end only; keep the factory holes at the other.",
          "#{@base}/sheet"]
      end

      def hang(steps)
        step = steps.now
        return ["All hung. Read the gaps at each jamb.", "#{@base}/adjust"] unless step

        [step.does, "#{@base}/hang#step-#{step.key.tr(".", "-")}"]
      end

      def adjust(adjusting)
        return ["All gaps are even. Hand it over.", "#{@base}/hand-over"] if adjusting.settled?

        hung = [adjusting.hung, *adjusting.needed].find { |one| !adjusting.even?(one) } || adjusting.hung
        [adjust_words(adjusting, hung), "#{@base}/adjust?panel=#{hung.name}#{"##{Fields["hung.#{hung.name}.gaps.#{hung.missing.first}"].id}" if hung.missing.any?}"]
      end

      def adjust_words(adjusting, hung)
        return "Read the gaps of #{hung.name} at #{hung.edge}: #{hung.missing.map { |gap| Fields["hung.#{hung.name}.gaps.#{gap}"].label }.join(", ")}." if hung.missing.any?

        told = adjusting.told(hung)
        return "#{hung.name} at #{hung.edge}: nothing that can be turned helps. See what would." if told.empty?

        "#{told.map { |name, words| "#{name}: #{words}" }.join("; ").then { |text| text[0].upcase + text[1..] }}. Then read the gaps of #{hung.name} again."
      end
    end
  end
end
