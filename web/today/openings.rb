# frozen_string_literal: true

module YellowTrack
  module Web
    module Today
      # The openings that a day's steps are of: how a step stands now, and where it is done. Each is asked of the book
      # once.
      class Openings
        # Where a step stands, by its key.
        STAGES = {"survey" => "measure", "order" => "size", "prepare" => "prepare", "base" => "prepare",
                  "header" => "prepare", "frame" => "hang", "sand" => "prepare", "joint" => "cut", "cut" => "cut",
                  "drill" => "cut", "seal" => "cut", "adjust" => "adjust", "over" => "hand-over"}.freeze
        SERVED = {"look" => "look", "down" => "take-down", "mend" => "mend", "rehang" => "rehang",
                  "adjust" => "rehang", "over" => "hand-over"}.freeze

        # @param book [Store::Book]
        def initialize(book)
          @book, @rows, @openings, @steps = book, {}, {}, {}
        end

        # A step as it stands in the opening now.
        #
        # @param job_id [Integer]
        # @param key [String] "B-hang"
        # @return [Hash, nil] nil where there is none any more
        def step(job_id, key) = steps(job_id, YellowTrack::Visits.letter(key))[key]

        # The page that a step is done on.
        #
        # @return [String, nil] its path; nil where it is done on none
        def path(job_id, key)
          letter, name = key.split("-", 2)
          row = rows(job_id)[letter] or return
          stage = opening(job_id, letter).service.on? ? SERVED[name] : STAGES.fetch(name, "hang")
          stage && Paths.opening(row.id, stage)
        end

        private

        def rows(job_id) = @rows[job_id] ||= @book.openings.of(job_id).to_h { |row| [row.letter, row] }

        def opening(job_id, letter)
          @openings[[job_id, letter]] ||= rows(job_id)[letter]&.then { |row| Desk::KeptOpening.new(@book, row, rules:) }
        end

        # Steps of an opening by their keys; none of one that is not there.
        def steps(job_id, letter)
          @steps[[job_id, letter]] ||= begin
            one = opening(job_id, letter)
            (one ? Desk::Agenda.new(one, figures).steps : []).to_h { |step| [step["key"], step] }
          end
        end

        # What a step takes, by the house's rules.
        def figures = Files::StepTimes.figures(rules)

        def rules = @rules ||= @book.house_rules.all
      end
    end
  end
end
