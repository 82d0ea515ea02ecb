# frozen_string_literal: true

module YellowTrack
  module Web
    module Causes
      # What ailed the firm's doors: causes by what was said, as their mends held at the look-back, beside what is
      # usual; and causes of the firm's own.
      class Screen < Web::Screen
        # A cause of doors with a symptom: how often it was that, of how many, its usual share, what the counts make
        # of it (as a factor).
        Row = Struct.new(:cause, :count, :of, :usual, :shift)

        # The template that it is drawn with.
        def template = "causes/page"

        # What stands in the window's own line.
        def title = "What ailed the firm's doors"

        # Families of doors.
        def families = Files::Knowledge.all.families

        # The family that is looked at.
        def family = families.find { |one| one == params["family"] } || families.first

        # What is known of them, the firm's own too.
        def knowledge = @knowledge ||= Files::Knowledge.of(family).with(book.own_causes.of(family))

        # What was said of doors that were mended and looked back at, with the causes that it was.
        #
        # @return [Hash{Diagnosis::Knowledge::Symptom => Array<Row>}]
        def counted
          counts.slice(*knowledge.symptoms.keys).to_h { |key, of|
            [knowledge.symptoms.fetch(key), rows(key, of)]
          }.reject { |_, rows| rows.empty? }
        end

        # Causes of the firm's own, with the answers that tell each.
        #
        # @return [Hash{Diagnosis::Knowledge::Cause => String}]
        def own
          knowledge.causes.values.select(&:own?).to_h { |cause| [cause, told_by(cause)] }
        end

        # Mends that were looked back at.
        def mends = book.held_mends.all

        # A share in whole per cent.
        def per_cent(share) = "#{(share * 100).round} %"

        private

        def counts = @counts ||= Desk::FirmsCounts.of(book, knowledge)

        def rows(symptom, of)
          prior = YellowTrack::Diagnosis::Prior.new(YellowTrack::Diagnosis::Door.of(knowledge:, symptoms: [symptom],
            counts:))
          of.sort_by { |_, count| -count }.map do |key, count|
            cause = (key == knowledge.none.key) ? knowledge.none : knowledge.causes.fetch(key)
            Row.new(cause, count, of.values.sum, prior.alone(symptom, cause), prior.shift_by(symptom, cause))
          end
        end

        # The answers of a cause that are likeliest under it.
        def told_by(cause)
          cause.evidence.map { |key, chances|
            chances = {"yes" => chances, "no" => 1 - chances} if chances.is_a?(Numeric)
            answer = chances.max_by(&:last).first
            "#{key.tr("_", " ")}: #{answer.tr("_", " ")}"
          }.join("; ")
        end
      end
    end
  end
end
