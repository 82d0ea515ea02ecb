# frozen_string_literal: true

module YellowTrack
  class Diagnosis
    # What stands behind a mend and makes it come back (handbook 13, "Behind it"): the rows of its cause,
    # and after a row that stands those of the cause behind it.
    class Behind
      # A row: of which cause, the cause behind it, the finding that tells, when it is asked.
      #
      # state  "open" while it is not known, "stands" where the answer says so, else "clear"
      # level  "stop" where the door would fall again, "watch" for the others, nil for one that is clear
      Row = Struct.new(:of, :cause, :finding, :when, :state, :level) do
        # @return [Hash] as it stands in the file of a diagnosis
        def to_h
          {"of" => of.key, "cause" => cause.key, "finding" => finding.key, "when" => self.when, "state" => state,
           "level" => level}
        end

        # Whether it bars hanging.
        def stop? = level == "stop"
      end

      # @param door [Door]
      # @param cause [String] whose mend is under way
      # @return [Array<Row>] a pair of cause and finding once
      def self.of(door, cause) = new(door).rows(door.knowledge.causes.fetch(cause))

      # @param door [Door]
      def initialize(door)
        @door, @seen = door, Set.new
      end

      # Rows of a cause, and of what stands behind it.
      def rows(cause)
        open, found = [cause], []
        while (of = open.shift)
          of.because.each do |row|
            next unless @seen.add?([row.cause, row.finding])

            found << (made = row(of, row))
            open << made.cause if made.state == "stands"
          end
        end
        found
      end

      private

      def row(of, row)
        finding = @door.knowledge.findings.fetch(row.finding)
        state = state(finding, row.bad)
        level = (row.stop ? "stop" : "watch") unless state == "clear"
        Row.new(of, @door.knowledge.causes.fetch(row.cause), finding, row.when, state, level)
      end

      def state(finding, bad)
        answer = @door.findings[finding.key]
        return "open" if answer.nil?

        bad.include?(finding.answer(answer)) ? "stands" : "clear"
      end
    end
  end
end
