# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # An opening's job sheet: its drawings, its numbers with their sums, its
      # checks and cautions, on one page.
      class JobSheet
        # Numbers that are worth the paper, in working order.
        NUMBERS = %w[
          sizing.width sizing.height panels.width panels.height build.built panels.weight laps.lap gap pivots.side_gap
          fold.lead_gap fold.meet_gap track.length track.floor_rail track.mount_height track.packing track.screw
          track.stops.1 track.stops.2 track.stops.3 track.stops.4 panels.rollers panels.spacing depth.needed
          depth.track_front wall.rail_line wall.rail_start wall.header.length wall.standoff wall.above
          fittings.handle_at pocket.depth pocket.rough_width pocket.rough_height pocket.wall pocket.longest_screw
          reach.widest
        ].freeze

        HIGH = 330 # points that the drawing may take

        # @param page [Page]
        # @param opening [Pack::Opening]
        # @param heading [Page::Heading]
        def initialize(page, opening, heading)
          @page = page
          @opening = opening
          @plan = opening.plan
          @heading = heading
          @printer = @plan.opening.printer
        end

        def put
          @page.begin(@heading)
          drawings
          below = numbers(@page.top - HIGH - 8)
          words(below - 6)
        end

        private

        def drawings
          moves = @plan.set.moves
          top = @page.top
          @page.drawing(Whole.new(@plan, moves, @printer, @plan.opening.cut_printer), at: [0, top], width: @page.wide,
            height: HIGH)
        end

        def numbers(from)
          rows = NUMBERS.filter_map { |key| @plan.working[key] }.map do |entry|
            [entry.title, figure(entry), entry.formula ? entry.sum(@printer) : entry.why.to_s]
          end
          @page.table([["number", "", "sum"], *rows], [150, 84, 290], from:, size: 9)
        end

        def figure(entry) = entry.length? ? @printer.with_unit(entry.value) : entry.result

        def words(from)
          lines = @plan.checks.map { |check| "#{check.level.upcase}  #{check.says} #{check.do}" } + @opening.cautions
          @page.pdf.bounding_box([0, from], width: @page.wide, height: [from, 20].max) do
            lines.each { |line| @page.pdf.text(line, size: 7.5, leading: 1) }
          end
        end
      end
    end
  end
end
