# frozen_string_literal: true

require "erb"

module YellowTrack
  module Web
    module Today
      # The houses of a day: whose they are, where, and how their people are reached. Each is asked of the book once.
      class Houses
        # @param book [Store::Book]
        def initialize(book)
          @book, @jobs, @customers = book, {}, {}
        end

        # A job's name and where it is, by its number.
        #
        # @return [Store::Jobs::Job]
        def job_of(id) = @jobs[id] ||= @book.jobs.find(id)

        # Whom a job is for.
        def customer(id) = @customers[id] ||= @book.customers.of(id)

        # Where it is driven to: the customer's address, else the job's place; nil for neither.
        def address(id) = [customer(id).address, job_of(id).place.to_s].find { |text| !text.empty? }

        # A link that the device's own map opens; nil without an address.
        def map_link(id) = (to = address(id)) && "geo:0,0?q=#{ERB::Util.url_encode(to)}"

        # A link that telephones.
        def telephone_link(id) = "tel:#{customer(id).telephone.gsub(/[^\d+]/, "")}"
      end
    end
  end
end
