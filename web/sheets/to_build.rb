# frozen_string_literal: true

module YellowTrack
  module Web
    module Sheets
      # The sheet for whoever frames the opening that doors want: one A4 page.
      class ToBuild < OpeningScreen
        SIDES = {width: "wide, between the linings", height: "high, above the finished floor"}.freeze

        # The template that it is drawn with.
        def template = "sheets/to_build"

        # The frame that it is drawn in: a page of the work, or a paper.
        def layout = "page/paper"

        # The stage that it stands on; nil for none of them.
        def stage = "measure"

        # @return [YellowTrack::Wanted, nil] nil where the doors' sizes are not given
        def wanted = set.wanted

        # The opening to build, with its sizes.
        def drawing = Drawing::ToBuild.new(plan, opening.printer)

        # Rows of the table: what it is, the figure, its range.
        #
        # @return [Array<Array(String, String, String)>]
        def rows
          SIDES.map { |side, words|
            [words, derived(wanted.public_send(side)[:design]),
              range(wanted.public_send(side))]
          } + more
        end

        # The doors that it is for, in words.
        def doors
          "#{set.panels.length} × #{opening.cut_printer.text(set.width)} × " \
            "#{opening.cut_printer.text(set.height)}, " \
            "#{derived(set.thickness)} thick, #{opening.kit.name}"
        end

        # The revision that was given to whoever frames it, and when.
        #
        # @return [Store::Papers::Paper, nil] nil while it was not
        def given = book.framers_sheets.last(id)

        # Whether what stands on it now is what was given.
        def given_as_is? = !given.nil? && old_frame.nil?

        # Cautions of the work on this page, in words.
        def cautions = [Files::Cautions.says("bearing"), Files::Cautions.says("cutting")]

        # What is said beside every caution.
        def always = Files::Cautions.always

        private

        def range(sizes)
          return "exactly" if sizes[:least] == sizes[:most]

          "#{opening.printer.range(sizes[:least], sizes[:most])} will do"
        end

        def more = [rough, depth, pocket, covering].compact

        def rough
          rough = wanted.rough or return
          ["rough opening, before linings of #{long(lining)}",
            "#{derived(rough[:width])} × #{derived(rough[:height])}",
            "plumb, level and square within 3 mm"]
        end

        def lining = opening.opening["lining"] || YellowTrack::Wanted::LINING

        def depth
          set.depth_needed && ["deep at least", derived(set.depth_needed), "front plane to the back of the jamb"]
        end

        def pocket
          sizes = %w[pocket.rough_width pocket.rough_height].filter_map { |key| plan.working[key]&.value }
          if sizes.any?
            ["rough opening of the pocket's frame", sizes.map { |mm| derived(mm) }.join(" × "),
              "between studs, to the header"]
          end
        end

        def covering
          coming = plan.figures.covering
          ["covering still to come", derived(coming), "heights from today's floor are that much more"] if coming
            .positive?
        end
      end
    end
  end
end
