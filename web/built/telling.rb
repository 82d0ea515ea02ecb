# frozen_string_literal: true

module YellowTrack
  module Web
    module Built
      # What pages of the record share: rows, dots, what it teaches in words.
      module Telling
        KINDS = {"cut" => "cuts", "gap" => "gaps", "floor" => "floor gaps", "reading" => "readings"}.freeze

        # @param list [Array<AsBuilt::Item>]
        # @return [Drawing::Dots]
        def dots(list, name)
          rows = KINDS.filter_map do |kind, title|
            of = list.select { |item| item.kind == kind }
            Drawing::Dots::Row.new(name: "#{title}, #{of.length}", differences: of.map(&:by)) if of.any?
          end
          Drawing::Dots.new(rows, fine, name:)
        end

        # What a kind came to: its middle, least and most.
        def told(list)
          KINDS.filter_map { |kind, title|
            by = list.select { |item| item.kind == kind }.map(&:by)
            "#{title}: middle #{signed(Lessons.median(by))}, from #{signed(by.min)} to #{signed(by.max)}" if by.any?
          }
        end

        # What something taken is called.
        def name_of(item) = (item.kind == "reading") ? Survey::Words.name(item.name) : item.name

        # What kind of thing it is, one of them.
        def kind_of(item) = KINDS.fetch(item.kind).delete_suffix("s")

        # A length to the tenth, or the 64th.
        def mm(value) = fine.short(value)

        # A length with its sign, to its own grain: "+1.5 mm".
        def signed(value) = YellowTrack::Adjust::Words.signed(value, fine)

        # How often it was so.
        def often(lesson) = "#{lesson.times} of #{lesson.of} times"
      end
    end
  end
end
