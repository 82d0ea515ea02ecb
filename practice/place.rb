# frozen_string_literal: true

module YellowTrack
  module Practice
    # A place where trained people disagree (handbook, "Two schools"), in a situation that is
    # made up: what is known of it, and which reasons hold.
    class Place
      # @param site [MadeUp]
      # @param level [Integer]
      def initialize(site, level)
        @site, @level = site, level
      end

      private

      attr_reader :site, :level

      def opening = site.document(1200..1700, 2000..2300)

      def yes? = site.pick([true, false])

      def reason(school, words, holds, says:) = Schools::Reason.new(school, words, holds, says)

      # Follow the jambs, or hang plumb (handbook 2).
      class Plumb < Place
        # @return [String] the question
        def asked = "Do the panels follow the jambs, or hang plumb?"

        # @return [Hash] the opening that it is asked of, as a document
        def document(drill)
          @mirror, @new = yes?, yes?
          makeup = [{"material" => @mirror ? "mirror" : "hollow core", **(@mirror ? {"thickness" => 4} : {})}]
          opening.merge("set" => drill.sliding(makeup:))
        end

        # @return [Hash{String => String}] what stands beside the drawing, and decides
        def facts(_plan)
          {"the panels" => @mirror ? "tall mirrors" : "plain, painted",
           "the linings" => @new ? "new" : "old, as they are"}
        end

        # @return [Array<Reason>] what speaks for either, by chapter 5
        def reasons(_plan)
          [reason("follow", "the eye sees the gap, not the plumb", !@mirror,
            says: "in a tall mirror the eye sees the plumb"),
            reason("plumb", "a tall mirror shows what leans", @mirror, says: "there is no mirror"),
            reason("plumb", "the linings are new", @new, says: "the linings are old"),
            reason("follow", "the adjusters are for that", false, says: "that they can is no reason to"),
            reason("plumb", "pivots stand one above the other", false, says: "panels that slide have no pivots")]
        end
      end

      # A fin in a groove, or guides at the sides (handbook 4).
      class Guiding < Place
        LEAST = 6 # mm of wood beside a groove

        # @return [String] the question
        def asked = "A groove for the guide, or guides at the sides?"

        # @return [Hash] the opening that it is asked of, as a document
        def document(drill)
          rail = site.about((level == 5) ? 17..21 : 12..30)
          stile = yes? ? rail : rail + site.about(3..6)
          @even = stile == rail
          opening.merge("set" => drill.sliding(guide: "groove", rail_thickness: site.told(rail),
            stile_thickness: site.told(stile), thickness: site.told([stile, site.about(20..24)].max)))
        end

        # @return [Hash{String => String}] what stands beside the drawing, and decides
        def facts(plan)
          values = plan.working["guides.wood"].values
          {"thinnest part of the bottom rail" => values[:rail], "the stiles" => @even ? "as thick" : "thicker",
           "the groove" => values[:groove], "wood beside a groove, at least" => LEAST.to_r}
        end

        # @return [Array<Reason>] what speaks for either, by chapter 5
        def reasons(plan)
          wood = plan.working["guides.wood"].value
          left = "#{wood.to_f.round(1)} mm of wood would be left at each side"
          enough = wood >= LEAST
          [reason("groove", "it hides the guide, and there is wood enough", enough, says: left),
            reason("side guides", "a groove leaves too little wood", !enough, says: left),
            reason("side guides", "they hold a panel of even thickness, without strips", @even,
              says: "they catch on stiles that are thicker"),
            reason("groove", "a fin needs no wood", false, says: "it runs in the rail: #{left}"),
            reason("side guides", "they are not seen", false, says: "it is the groove that hides the guide")]
        end
      end

      # A half jamb before the gap, or the jamb left open (handbook 5).
      class HalfJamb < Place
        # @return [String] the question
        def asked = "A half jamb, or the jamb left open?"

        # @return [Hash] the opening that it is asked of, as a document
        def document(_drill)
          @painted, @boxes = yes?, yes?
          set = {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => site.told(site.about(30..36)),
                 "makeup" => [{"material" => "solid timber"}]}
          site.document(800..1100, 2000..2300).merge("set" => set)
        end

        # @return [Hash{String => String}] what stands beside the drawing, and decides
        def facts(_plan)
          {"the lining" => @painted ? "painted" : "oiled oak, with no strip to match it",
           "behind it" => @boxes ? "boxes nearly as wide as the opening" : "clothes on hangers"}
        end

        # @return [Array<Reason>] what speaks for either, by chapter 5
        def reasons(_plan)
          [reason("half jamb", "the lining is painted: nothing is seen of gap or track", @painted,
            says: "the lining is oiled"),
            reason("open jamb", "more clear width is wanted", @boxes, says: "hangers go in at any width"),
            reason("half jamb", "it gives more clear width", false, says: "it takes some: it stands before the jamb"),
            reason("open jamb", "the side gap need not be even then", false, says: "it is in view and has to be"),
            reason("half jamb", "the set need not be hung level then", false,
              says: "only a little out of square is hidden")]
        end
      end

      # Which gap of a pair is made even (handbook 8).
      class EvenGap < Place
        # @return [String] the question
        def asked = "Where both cannot be even: the top, or the side?"

        # @return [Hash] the opening that it is asked of, as a document
        def document(_drill)
          @half = yes?
          set = {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => site.told(site.about(30..36)),
                 "makeup" => [{"material" => "solid timber"}],
                 **(@half ? {"half_jamb" => {"thickness" => site.told(site.about(8..14))}} : {})}
          site.document(800..1100, 2000..2300).merge("set" => set)
        end

        # @return [Hash{String => String}] what stands beside the drawing, and decides
        def facts(_plan) = {"at the jamb" => @half ? "a half jamb" : "the gap, open to view"}

        # @return [Array<Reason>] what speaks for either, by chapter 5
        def reasons(plan)
          half = !plan.opening["half_jamb.thickness"].nil?
          [reason("even top", "behind a half jamb the top is what shows", half, says: "there is none"),
            reason("even side", "at an open jamb the side gap is in view", !half,
              says: "the half jamb stands before it"),
            reason("even top", "the jack reaches farther than the slides", false,
              says: "reach does not say what is seen"),
            reason("even side", "the pivots have to stand plumb", false, says: "they stand where the slides put them"),
            reason("even top", "the head is always level", false, says: "then both could be even")]
        end
      end

      # Cut in the workshop, or on site (handbook 8).
      class Cutting < Place
        # @return [String] the question
        def asked = "Cut in the workshop by the survey, or on site by a check measurement?"

        # @return [Hash] the opening that it is asked of, as a document
        def document(drill)
          made = opening.merge("set" => drill.sliding)
          @coming = yes?
          thickness = site.told(site.about(6..14))
          survey = made["survey"].merge("covering" => {"thickness" => thickness, "laid" => !@coming})
          made.merge("survey" => survey)
        end

        # @return [Hash{String => String}] what stands beside the drawing, and decides
        def facts(_plan)
          {"the floor" => @coming ? "the covering is laid after the track" : "as it will be",
           "the saw" => "one in the shop, one in the van"}
        end

        # @return [Array<Reason>] what speaks for either, by chapter 5
        def reasons(plan)
          coming = plan.working["survey.level_height"].values.fetch(:covering).positive?
          [reason("in the workshop", "the survey stands, and the saw there is the better", !coming,
            says: "the floor of the survey is not the one that the door hangs over"),
            reason("on site", "the covering is still to come: heights wait for a check measurement", coming,
              says: "the covering is laid, or there is none"),
            reason("in the workshop", "a covering is always as thick as it says", false,
              says: "glue and levelling come to it"),
            reason("on site", "widths can be cut from the check measurement", false, says: "it measures heights"),
            reason("on site", "then no survey is needed", false, says: "the set is chosen and bought by it")]
        end
      end

      # Fit before paint, or after (handbook 8).
      class Finish < Place
        # @return [String] the question
        def asked = "Fit, then finish; or finish, then fit?"

        # @return [Hash] the opening that it is asked of, as a document
        def document(drill)
          @factory = yes?
          opening.merge("set" => drill.sliding)
        end

        # @return [Hash{String => String}] what stands beside the drawing, and decides
        def facts(_plan) = {"the doors come" => @factory ? "with a factory finish" : "primed, to be painted here"}

        # @return [Array<Reason>] what speaks for either, by chapter 5
        def reasons(_plan)
          [reason("fit, then finish", "a cut or a hole is found before the paint, not after", !@factory,
            says: "the finish is on already"),
            reason("finish, then fit", "the set comes finished", @factory, says: "it comes primed"),
            reason("finish, then fit", "paint takes no room", false, says: "it does at a groove and in a gap"),
            reason("fit, then finish", "then the doors hang only once", false, says: "they come down for the paint"),
            reason("finish, then fit", "painted doors are lighter to carry", false, says: "they weigh what they did")]
        end
      end
    end
  end
end
