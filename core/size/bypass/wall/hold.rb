# frozen_string_literal: true

module YellowTrack
  class Bypass
    class Wall
      # What a rail's screws hold in (handbook 4 and 15): the studs of the wall, all of a solid one, and the frame of a
      # head that is built down, where the rail goes over it.
      class Hold
        # @param set [Bypass] whose rail is made
        def initialize(set)
          @set = set
          @studs = Track::Fixing.new(survey["wall.studs"], set.track)
          @frame = on_frame
          freeze
        end

        # Whether a screw holds anywhere; nothing said is not solid.
        def solid? = survey["wall.solid"] == true

        # Whether there is no verdict on the rail's holes.
        def unknown? = !solid? && !@studs.listed?

        # Whether the rail's holes miss the studs.
        def misses? = !solid? && @studs.listed? && @studs.misses?

        # Whether the rail goes over a head that is built down, and its holes find too little in the new frame.
        def misses_frame? = @frame&.misses? || false

        # Where the uprights of that frame stand, from the left jamb's foot, mm; nil where the rail goes over the wall
        # that is there.
        #
        # @return [Array<Rational>, nil]
        def uprights = (frame_uprights if @frame)

        private

        def survey = @set.brief.survey

        # Its uprights, its plates where the rail is at one of them, and beside the opening the wall's own studs.
        def on_frame
          over = over_underside
          built = Prepare::BuiltDownHead.wanted(@set)
          return unless Prepare::BuiltDownHead.framed?(@set) && over < built

          plate = Prepare::BuiltDownHead::PLATE
          inside = 0r..survey["widths.top"]
          beside = (survey["wall.studs"] || []).reject { |stud| inside.cover?(stud) }
          on_a_plate = over <= plate || over >= built - plate
          Track::Fixing.new(frame_uprights + beside, @set.track, solid: (inside if on_a_plate))
        end

        # The rail line above the new head's underside.
        def over_underside
          @set.heights.rail_line - (@set.sizing.height - (@set.heights.build&.head || 0r))
        end

        def frame_uprights = Prepare::BuiltDownHead.uprights_of(survey["widths.top"])
      end
    end
  end
end
