# frozen_string_literal: true

module YellowTrack
  # What a track at the head is screwed into (handbook 15, "What the head is made
  # of"). All in mm.
  class HeadFixing
    BITE = 30r # of a screw in what holds it

    # @return [Rational, nil] the least screw; nil where the head is not read, or
    #   is steel
    attr_reader :screw

    # @param set [Family] whose track hangs from the head
    def initialize(set)
      @set = set
      @fixing = Track::Fixing.new(survey["head.joists"], set.track)
      @screw = least_screw if of && of != "steel"
      freeze
    end

    # What the head is made of, as read.
    #
    # @return [String, nil]
    def of = survey["head.of"]

    # Whether there is only plasterboard between the joists.
    def boards? = of == "board"

    # Whether the joists behind the boards are known.
    def joists? = @fixing.listed?

    # Whether holes that serve are too few or too far apart.
    def misses? = boards? && joists? && @fixing.misses?

    # @return [Array<Check>]
    def checks = Checks.new(self, @set.brief.printer).found

    private

    def survey = @set.brief.survey

    def least_screw
      @set.work.sum("track.screw", "Least screw", "bite + board + packing", bite: BITE,
        board: survey["head.board"] || 0r, packing: @set.track.packing,
        why: "Through board and packing into what holds.")
    end

    # What a head of boards asks for.
    class Checks < CheckList
      check "head.joists", :note do |head|
        head.boards? && !head.joists? && ["A head of boards, and no joists listed: no verdict on the track's holes.",
          "Find the joists and list their centres."]
      end

      check "head.fixing", :watch do |head|
        head.misses? && ["Too few of the track's holes meet a joist.",
          "Fix a board to the joists first; screw the track to it anywhere."]
      end
    end
  end
end
