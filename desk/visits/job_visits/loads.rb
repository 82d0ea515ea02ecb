# frozen_string_literal: true

module YellowTrack
  module Desk
    class JobVisits
      # What a visit takes along: parts, tools, papers, and who goes.
      class Loads
        Load = Struct.new(:parts, :tools, :papers, :hands, keyword_init: true)

        # Parts by what they are loaded for.
        FOR = {"track" => ["track pieces", "floor rail", "track screws"], "board" => ["header board"],
               "panels" => %w[panels]}.freeze

        # @param visiting [JobVisits]
        def initialize(visiting)
          @visiting = visiting
          @openings = visiting.openings.to_h { |one| [one.letter, one] }
        end

        # @param visit [Hash] of the visits file
        # @return [Load]
        def of(visit)
          rows = visit["steps"].filter_map { |key| [Visits.letter(key), row(key)] if row(key) }
          Load.new(parts: parts(rows), tools: tools(rows.map(&:first).uniq), papers: papers(rows),
            hands: visit["hands"])
        end

        # Its steps in words, what is done in several openings once.
        def words(keys) = Visits.words(keys) { |key| row(key)&.what }

        # The row of a step, by its key.
        def row(key) = @visiting.agendas[Visits.letter(key)]&.row(key)

        private

        # Each thing once, with the openings that it is for.
        def parts(rows)
          all = rows.flat_map { |letter, row|
            (row.load || []).flat_map { |what| loaded(letter, what) }.map { |name| [name, letter] }
          }
          all.uniq.group_by(&:first).map { |name, list| "#{name} for #{list.map(&:last).join(", ")}" }
        end

        def loaded(letter, what)
          opening = @openings.fetch(letter)
          case what
          when "parts" then opening.service.mend_parts
          when "packing" then ["packers and shims"]
          when "frame" then ["frame"]
          else opening.plan ? counted(opening, what) : []
          end
        end

        def counted(opening, what)
          all = YellowTrack::TakeAlong.parts(opening.plan)
          named = FOR[what] || all.keys - FOR.values.flatten
          all.slice(*named).map { |name, count| Count.told(count, name) }
        end

        def tools(letters)
          letters.flat_map { |letter|
            plan = @openings.fetch(letter).plan
            plan ? Files::Tools.for(plan.set) : Files::Tools.all.fetch("always")
          }.uniq
        end

        def papers(rows)
          rows.group_by(&:first).map { |letter, list|
            (list.any? { |_, row|
              row.load&.include?("sheet")
            }) ? "sheets of #{letter}, its hand-over" : "sheets of #{letter}"
          }
        end
      end
    end
  end
end
