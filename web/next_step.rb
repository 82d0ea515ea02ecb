# frozen_string_literal: true

module YellowTrack
  module Web
    # The next thing to do for an opening: one sentence with its number, and
    # where it is done.
    class NextStep
      attr_reader :sentence, :path

      # @param work [Work]
      # @param stage [String] the one on the screen
      def initialize(work, stage)
        @work = work
        @base = "/openings/#{work.row.id}"
        @sentence, @path = chosen(stage)
      end

      private

      def chosen(stage)
        missing || refused || suspect || unknown || ((stage == "measure") ? size : cut)
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
        ["Size the set: panels come to #{cut(set.width)} × #{cut(set.height)}.", "#{@base}/size"]
      end

      def cut(mm = nil)
        return @work.cut_printer.with_unit(mm) if mm

        stop = @work.plan.checks.find(&:stop?)
        return [stop.do, "#{@base}/size##{stop.code.tr(".", "-")}"] if stop

        ["Cut the track to #{cut(@work.plan.set.track.length)}. One end only; keep the factory holes at the other.",
          "#{@base}/sheet"]
      end
    end
  end
end
