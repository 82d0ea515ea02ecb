# frozen_string_literal: true

module YellowTrack
  module Web
    module Search
      # Everything by its words: names, places, notes, remarks, captions, kits, causes.
      class Screen < Web::Screen
        MOST = 40 # found of each
        LONGEST = 100
        WORDS = 8

        # What was found of one kind: what it is called, its hits.
        Part = Struct.new(:title, :hits)

        # The template that it is drawn with.
        def template = "search/page"

        # What stands in the window's own line.
        def title = "Search"

        # What was asked, cut to what is looked for.
        def asked = params["q"].to_s.strip[0, LONGEST]

        # Whether anything was asked.
        def asked? = words.any?

        # @return [Array<Store::Jobs::Job>]
        def jobs = @jobs ||= asked? ? finder.jobs(words, most: MOST + 1) : []

        # @return [Array<Part>] that something was found of
        def parts
          @parts ||= asked? ? [
            Part.new("Openings", finder.openings(words, most: MOST + 1)),
            Part.new("By their kit: #{kits.values.join(", ")}", finder.by_kit(kits.keys, most: MOST + 1)),
            Part.new("By what ailed them: #{causes.values.join(", ")}", finder.by_cause(causes.keys, most: MOST + 1)),
            Part.new("Remarks and pictures", finder.entries(words, most: MOST + 1))
          ].reject { |part| part.hits.empty? } : []
        end

        # Kits that are called so: name by id.
        def kits
          @kits ||= asked? ? named(all_kits) : {}
        end

        # Causes that are called so: words by key.
        def causes = @causes ||= asked? ? named(Files::Knowledge.all.causes.transform_values(&:label)) : {}

        # What the job of a hit is called.
        def job_name(hit) = names[hit.job_id]

        # Whether there is nothing to show.
        def nothing? = !asked.empty? && jobs.empty? && parts.empty? && kits.empty?

        # Whether more was found than is shown.
        def more? = jobs.length > MOST || parts.any? { |part| part.hits.length > MOST }

        # Hits that are shown at most.
        def most = MOST

        private

        def finder = book.finder

        def words = asked.split.first(WORDS)

        def all_kits
          Files::Candidates.shelf.to_h { |kit| [kit.id, kit.name] }
            .merge(book.own_kits.all.transform_values { |sheet| sheet["name"] })
        end

        # Those in whose name every word stands.
        def named(list)
          list.select { |_, name| words.all? { |word| name.downcase.include?(word.downcase) } }
        end

        def names = @names ||= book.jobs.names(parts.flat_map { |part| part.hits.map(&:job_id) }.uniq)
      end
    end
  end
end
