# frozen_string_literal: true

module YellowTrack
  module Desk
    class DoorService
      # Steps of a mend: how it is freed and marked, what is done for its cause and for what stands behind it, what
      # is done while it is off; which of them are ticked.
      module Steps
        # A step of the mend: its key in the log, and what is done.
        Step = Struct.new(:key, :says)

        # @return [Array<Step>]
        def freeing = steps("free", (ways.length == 1) ? ways.first.order : [])

        # Steps that mark how it hung.
        def marks = steps("mark", Files::TakingDown.marks)

        # Causes that are mended together: the one in hand, and what was found to stand behind it.
        #
        # @return [Array<Diagnosis::Knowledge::Cause>]
        def mending = cause ? [cause, *behind.select { |row| row.state == "stands" }.map(&:cause)].uniq : []

        # Minutes of those mends together, without the finding out.
        def mend_minutes = mending.sum(&:minutes)

        # Hands that they and its weight ask for; nil without a cause.
        def mend_hands = cause && [*mending.map(&:hands), hands].max

        # Parts that they ask for.
        def mend_parts = mending.flat_map(&:parts).uniq

        # Hours that the longest of them has to dry or set; nil for none.
        def mend_wait = mending.filter_map(&:wait_hours).max

        # Steps that mend its cause, and what stands behind it; none without one.
        def fix = mending.flat_map { |one| fix_of(one) }

        # Steps that mend one cause.
        def fix_of(one) = steps("fix.#{one.key}", one.fix)

        # What is done while it is off, whatever it was taken down for.
        def while_off
          return [] unless cause && comes_down?

          steps("off.#{cause.key}", [Files::TakingDown.always_off, *mending.flat_map(&:while_off)].uniq)
        end

        # Every step there is, for the log's words.
        def all_steps = [*freeing, *marks, *fix, *while_off]

        # A step, by its key.
        def find(key) = all_steps.find { |step| step.key == key }

        # The entry that ticked a step; nil for one that is not done.
        def tick(step) = ticks[step.key]&.then { |entry| entry if entry.after }

        # Whether all of some steps are ticked.
        def done?(list) = list.any? && list.all? { |step| tick(step) }

        # What was done for a cause, in the words of its steps, each as it was ticked.
        #
        # @param cause [Diagnosis::Knowledge::Cause]
        # @return [Array<String>]
        def done_for(cause)
          [*fix_of(cause), *steps("off.#{cause.key}", cause.while_off)]
            .select { |step| tick(step) }.map(&:says)
        end

        # Whether every step of its mend is ticked.
        def mended?(cause) = done?(fix_of(cause))

        private

        def steps(kind, list) = list.each_with_index.map { |says, place| Step.new("#{kind}.#{place + 1}", says) }

        def ticks = @ticks ||= @opening.record.latest("service")
      end
    end
  end
end
