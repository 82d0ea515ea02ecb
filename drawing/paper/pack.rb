# frozen_string_literal: true

module YellowTrack
  module Drawing
    module Paper
      # The papers of some openings: of each its job sheet; of all together where panels are drilled, full-size
      # strips, the cut list and the labels. What is alike is printed once.
      class Pack
        # One opening. plan, and the parts of it; letter, name; revision; address;
        # rows, its numbers as its sheet has them (name, text, sums); cautions, sentences.
        Packed = Struct.new(:plan, :parts, :letter, :name, :revision, :address, :rows, :cautions, keyword_init: true)

        # One material's bars as they are cut.
        Lot = Struct.new(:material, :cuts, keyword_init: true)

        # @param job [String] its name
        # @param date [String]
        # @param address [String] of the job's page
        # @param openings [Array<Opening>]
        # @param lots [Proc] gives the Lots, which take their time
        # @param firm [String, nil] whose papers they are
        def initialize(job:, date:, address:, openings:, lots:, firm: nil)
          @openings, @lots = openings, lots
          @heading = Page::Heading.new(title: nil, place: job, revision: nil, date:, address:)
          @page = Page.new("Papers of #{job}", firm:)
        end

        # @yieldparam done [Integer] openings that are on paper
        # @return [String] PDF
        def render
          @openings.each_with_index do |opening, place|
            JobSheet.new(@page, opening, heading(opening)).put
            yield place + 1 if block_given?
          end
          DrillingSheets.new(@page, @openings, heading: whole("Drilling")).put
          Strips.new(@page, @openings, heading: whole("Strips, full size")).put
          CutSheets.new(@page, @lots.call, @openings, heading: whole("Cut list")).put
          Labels.new(@page, @openings, whole("Labels")).put
          @page.render
        end

        private

        # What stands over a sheet of one opening.
        def heading(opening)
          whole("#{opening.letter} · #{opening.name}").tap do |heading|
            heading.revision, heading.address = opening.revision, opening.address
          end
        end

        # And over one that is the whole job's.
        def whole(title) = @heading.dup.tap { |heading| heading.title = title }
      end
    end
  end
end
