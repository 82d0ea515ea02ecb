# frozen_string_literal: true

module YellowTrack
  module Files
    # What is at fault in a board file that its schema lets through (handbook 17): each names crew, job and step.
    # A board file with a job told twice and a road to a house that there is not gives two sentences, each with its
    # place: "roads.alder: there is no job "alder"." All are found at once, for who mends one wants the rest too.
    class BoardFaults
      YEARLY = /\A(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01])\z/

      # Steps that no crew's day holds.
      #
      # @param model [Board::Model]
      # @return [Array<Fault>]
      def self.impossible(model)
        model.crew.reject { |place| model.fits?(place) }.map do |place|
          step, job = model.steps[place], model.jobs[model.job_of(place)]
          Fault.new("#{step.minutes} minutes do not fit in a day of any crew that may do it. Split it.",
            key: "jobs.#{job.key}.steps.#{model.key(place)}.minutes")
        end
      end

      # @param read [Hash] as the schema read it
      def initialize(read)
        @read = read
      end

      # @return [Array<Fault>]
      def found
        all = [*hours, *crews, *jobs, *roads, *told, *only, *dates]
        all.empty? ? rings : all
      end

      private

      def fault(key, words) = Fault.new(words, key:)

      def job_keys = @job_keys ||= @read["jobs"].map { |job| job["key"] }

      def crew_keys = @crew_keys ||= @read["crews"].map { |crew| crew["key"] }

      # What stands more than once in a list.
      def twice(list) = list.tally.select { |_, times| times > 1 }.keys

      # A day that ends before it begins holds no work, and no plan would ever come to an end.
      def hours
        whole = WorkFile::HOURS.merge((@read["hours"] || {}).compact)
        given = {"hours" => whole, **@read["crews"].to_h { |crew|
          ["crews.#{crew["key"]}.hours", whole.merge((crew["hours"] || {}).compact)]
        }}
        given.select { |_, one| one["from"] >= one["to"] }.map do |key, _|
          fault(key, "A day ends after it begins: from is before to.")
        end
      end

      # Keys that are told twice, and hours away that end before they begin.
      def crews
        partly = @read["crews"].flat_map { |crew| (crew["partly"] || []).map { |one| [crew, one] } }
        [*twice(crew_keys).map { |key| fault("crews.#{key}", "the key is there twice.") },
          *partly.select { |_, one| one["from"] >= one["to"] }.map { |crew, one|
            fault("crews.#{crew["key"]}.partly", "#{one["date"]}: from is before to.")
          }]
      end

      # Each job by itself, then what one of its steps says of another.
      def jobs
        [*twice(job_keys).map { |key| fault("jobs.#{key}", "the key is there twice.") },
          *@read["jobs"].flat_map { |job| steps(job) }]
      end

      # As in a work file: the same questions, under the job's own key.
      def steps(job)
        keys = job["steps"].map { |step| step["key"] }
        [*twice(keys).map { |key| fault("jobs.#{job["key"]}.steps.#{key}", "the key is used twice.") },
          *job["steps"].flat_map { |step| wrong(job, step, keys) }]
      end

      # What a step says that the rest of the file does not bear out.
      def wrong(job, step, keys)
        name = "jobs.#{job["key"]}.steps.#{step["key"]}"
        afters = (step["after"] || []).map { |after| after["step"] } - keys
        [*afters.map { |key| fault("#{name}.after", "there is no step \"#{key}\". It takes the key of another.") },
          *unsaid(step, name)]
      end

      # What a step has to say by its place.
      def unsaid(step, name)
        return [] if step["ended"]

        if step["place"] != "other"
          return step["minutes"] ? [] : [fault("#{name}.minutes", "missing. A step of the crew takes minutes.")]
        end

        return [] if [step["days"], step["done"]].compact.length == 1

        [fault("#{name}.days", "others take days, or come by a date (done): one of the two.")]
      end

      # A name that no job of the file has.
      def unknown_job(key, name) = job_keys.include?(name) ? nil : fault(key, "there is no job \"#{name}\".")

      def unknown_crew(key, name) = crew_keys.include?(name) ? nil : fault(key, "there is no crew \"#{name}\".")

      # Both ends are houses that there are.
      def roads
        (@read["roads"] || []).flat_map { |road|
          road["between"].map { |name| unknown_job("roads.#{name}", name) }
        }.compact
      end

      # What customers were told has to be of a job that there is.
      def told
        (@read["told"] || []).flat_map { |one|
          [unknown_job("told.#{one["job"]}", one["job"]),
            one["crew"] && unknown_crew("told.#{one["job"]}.crew", one["crew"])]
        }.compact
      end

      # Whose a job is: a crew that there is.
      def only
        (@read["only"] || {}).flat_map { |job, crew|
          [unknown_job("only.#{job}", job), unknown_crew("only.#{job}", crew)]
        }.compact.uniq(&:key)
      end

      # Every date of the file in one list, by its place, so that each is read by the same rule.
      def dates
        given = {"start" => @read["start"], **listed("off", @read["off"])}
        @read["crews"].each do |crew|
          given.merge!(listed("crews.#{crew["key"]}.away", crew["away"]),
            listed("crews.#{crew["key"]}.partly", crew["partly"]&.map { |one| one["date"] }))
        end
        @read["jobs"].each { |job| given.merge!(of_job(job)) }
        given.merge!(listed("told", @read["told"]&.map { |one| one["date"] }))
        given.reject { |_, text| text.nil? || StepOfWork.date(text) }.map { |key, text|
          fault(key, "\"#{text}\" is no date. Write it as 2027-03-01.")
        } + yearly + ended
      end

      def of_job(job)
        name = "jobs.#{job["key"]}"
        dates = {"#{name}.by" => job["by"], **listed("#{name}.shut", job["shut"])}
        job["steps"].each_with_object(dates) do |step, given|
          %w[not_before done].each { |key| given["#{name}.steps.#{step["key"]}.#{key}"] = step[key] }
        end
      end

      def listed(key, list) = (list || []).each_with_index.to_h { |text, place| ["#{key}[#{place}]", text] }

      def yearly
        (@read["yearly"] || []).reject { |text| YEARLY.match?(text) }.map do |text|
          fault("yearly", "\"#{text}\" is no day of a year. Write it as 12-25.")
        end
      end

      # When others ended a step is a moment, and no date.
      def ended
        @read["jobs"].flat_map { |job| job["steps"].map { |step| [job, step] } }.filter_map do |job, step|
          next if step["ended"].nil? || StepOfWork.moment(step["ended"])

          fault("jobs.#{job["key"]}.steps.#{step["key"]}.ended", "\"#{step["ended"]}\" is no moment. Write it as " \
            "2027-02-25T16:10.")
        end
      end

      # Steps that come after themselves.
      def rings
        @read["jobs"].flat_map do |job|
          WorkFile.ring(job["steps"]).map do |key, words|
            fault("jobs.#{job["key"]}.steps.#{key}", words)
          end
        end
      end
    end
  end
end
