# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Whom a job is for, and what it is bound to on the firm's board.
      module Bindings
        FARTHEST = 300 # minutes of a road
        # What a job is bound to, as it is called.
        CALLED = {"by" => "The promised day", "travel" => "The way", "crew" => "Whose it is",
                  "shut" => "When it is shut"}.freeze

        # Its routes, and what they share.
        def self.registered(app)
          app.helpers(Binding)
          app.takes(%r{/jobs/#{Asking::NUMBER}/customer}o, by: :office) { |id| keep_customer(find_job(id)) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/customer/forget}o, by: :office) { |id| forget_customer(find_job(id)) }
          app.reads(%r{/jobs/#{Asking::NUMBER}/terms}o) { |id|
            view.partial("job/terms_form", screen: job_screen(find_job(id)))
          }
          app.takes(%r{/jobs/#{Asking::NUMBER}/terms}o, by: :office) { |id| keep_terms(find_job(id)) }
          app.takes(%r{/jobs/#{Asking::NUMBER}/road}o, by: :office) { |id| keep_road(find_job(id)) }
        end

        # What its routes do.
        module Binding
          # Keeps what is known of a customer; all that can be read.
          def keep_customer(job)
            on_job(job, "customer") do
              now = Web::Job::Screen.customer_fields(book.customers.of(job.id))
              form = replacing(now, params.slice(*now.keys).transform_values(&:to_s))
              read, faults = {}, []
              form.changes.each do |key, text|
                read[key] = Store::Customers.read(key, text)
              rescue Fault => e
                faults << e
              end
              book.customers.set(job.id, read) if read.any?
              raise faults.first if faults.any?

              form.tell! { |key| "The customer's #{key}" }
              to_page "#{Paths.job(job.id)}#customer"
            end
          end

          # Clears a customer everywhere.
          def forget_customer(job)
            on_job(job, "customer") do
              of_what_was_seen("The customer is another now.", name: book.customers.of(job.id).name)
              book.transaction do
                book.customers.forget(job.id)
                book.offers.forget_customer(job.id)
              end
              to_page "#{Paths.job(job.id)}#customer"
            end
          end

          # Keeps what a job is bound to.
          def keep_terms(job)
            on_job(job, "terms") do
              now = Web::Job::Screen.terms_fields(book.job_terms.of(job.id))
              form = replacing(now, params.slice(*now.keys).transform_values(&:to_s))
              told = form.changes
              columns = bound(told)
              shut = told.key?("shut") && days_of(told["shut"])
              book.transaction do
                book.job_terms.set(job.id, **columns) if columns.any?
                book.job_terms.shut(job.id, shut) if shut
              end
              form.tell! { |key| CALLED.fetch(key) }
              to_page "#{Paths.job(job.id)}#terms"
            end
          end

          # Keeps how long it is between two jobs.
          def keep_road(job)
            on_job(job, "road") do
              other = book.jobs.find(params["other"].to_s[/\A\d{1,9}\z/].to_i) || halt(404)
              raise Fault.new("A road leads to another job.", key: "other") if other.id == job.id

              book.job_terms.road(job.id, other.id, minutes_of(params["minutes"], "minutes"))
              to_page "#{Paths.job(job.id)}#terms"
            end
          end

          private

          # The columns that were changed, read.
          def bound(told)
            columns = {}
            columns[:by] = told["by"].empty? ? nil : day_of(told["by"], "by").iso8601 if told.key?("by")
            columns[:travel] = minutes_of(told["travel"], "travel") if told.key?("travel")
            if told.key?("crew")
              columns[:crew_id] = told["crew"].empty? ? nil : find_crew(told["crew"][/\A\d{1,9}\z/] || halt(404)).id
            end
            columns
          end

          def days_of(text) = text.split(/[\s,;]+/).reject(&:empty?).map { |one| day_of(one, "shut").iso8601 }.uniq.sort

          # @return [Integer, nil] nil for nothing typed
          def minutes_of(text, key)
            text = text.to_s.strip
            return if text.empty?

            number = Integer(text, 10, exception: false)
            return number if number&.between?(0, FARTHEST)

            raise Fault.new("\"#{text[0, 40]}\" is no whole number of minutes from 0 to #{FARTHEST}.", key:)
          end
        end
      end
    end
  end
end
