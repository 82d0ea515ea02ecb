# frozen_string_literal: true

module YellowTrack
  class Board
    # A crew's day: its works in order, each as early as may be. where  the house that it stands in (a job's number),
    # :yard before the trip, :back after it; now, when its last work ended; works, number => [start, end]; ends then;
    # road, minutes driven so far without the way back; jobs, houses in order.
    Row = Struct.new(:crew, :day, :where, :now, :works, :ends, :road, :jobs, keyword_init: true) do
      # Whether it has any work.
      def any? = works.any?
    end
  end
end
