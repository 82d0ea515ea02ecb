# frozen_string_literal: true

require "rack/utils"

module YellowTrack
  module Web
    # Where everything is: the one place that puts paths together.
    module Paths
      module_function

      # The first page.
      def wall = "/"

      # All jobs, for whom the first page is his crew's day.
      def jobs = "/?all=1"

      # A crew's day.
      def today(**query) = with("/today", query)

      # Jobs that are over.
      def jobs_over(**query) = with("/jobs/over", query)

      # @param id [Integer] of a job
      def job(id, *rest, **query) = with(["/jobs/#{id}", *rest].join("/"), query)

      # @param id [Integer] of an opening
      # @param rest [Array<String>] "measure", "sheet"
      # @param anchor [String, nil] a dotted key on that page
      def opening(id, *rest, anchor: nil, **query)
        "#{with(["/openings/#{id}", *rest].join("/"), query)}#{"##{Desk::Field.id_of(anchor)}" if anchor}"
      end

      # Where the next thing to do is done.
      #
      # @param step [Desk::NextStep]
      def next_step(id, step) = opening(id, step.stage, anchor: step.anchor, **{panel: step.panel}.compact)

      # Where the value of a working can be seen or changed.
      #
      # @param entry [Working::Entry]
      # @param kit [Kit]
      # @return [String, nil]
      def origin(id, entry, kit)
        case entry.source
        when /\Akit\./ then kit(kit.id) if Files::Shelf.kits.key?(kit.id)
        when /\Asurvey\./ then opening(id, "measure", anchor: entry.source)
        when /\Aset\./ then opening(id, "size", anchor: entry.source)
        else (entry.from == :survey) ? opening(id, "measure") : nil
        end
      end

      # @param changes [Desk::JobVisits::Changes, nil] that are tried
      def visits(job_id, changes = nil, **query)
        told = {**(changes ? changes.to_h : {}), **query.compact.transform_keys(&:to_s)}
        told.empty? ? job(job_id, "visits") : "#{job(job_id, "visits")}?#{Rack::Utils.build_nested_query(told)}"
      end

      # The firm's board.
      #
      # @param changes [Desk::FirmBoard::Changes, nil] that are tried
      def crew_visits(changes = nil, **query)
        told = {**(changes ? changes.to_h : {}), **query.compact.transform_keys(&:to_s)}
        told.empty? ? "/visits" : "/visits?#{Rack::Utils.build_nested_query(told)}"
      end

      # The address that calendars read: of all crews, or of one.
      #
      # @param crew [String, nil] its key
      def feed(token, crew = nil) = "/calendar/#{token}#{"/#{crew}" if crew}.ics"

      # The crew's days and hours.
      def crew_hours(**query) = with("/visits/hours", query)

      # @param id [String] of a kit
      def kit(id, *rest, **query) = with(["/kits/#{id}", *rest].join("/"), query)

      # What ailed the firm's doors.
      def causes(**query) = with("/causes", query)

      # A cause of the firm's own, and what is done with it.
      def cause(key, *rest) = ["/causes/#{key}", *rest].join("/")

      # All kits.
      def kits = "/kits"

      # @param id [Integer] of a picture; small for a list
      def picture(id, small: false) = "/pictures/#{id}#{"/small" if small}"

      # @param key [String] of papers that are made
      def papers(key) = "/papers/#{key}"

      # Offcuts, bars and prices.
      def rack(*rest, **query) = with(["/rack", *rest].join("/"), query)

      # Words of the trade; one of them among the others.
      def words(key = nil) = "/words#{"##{key}" if key}"

      # House rules.
      def rules(**query) = with("/rules", query)

      # Backups.
      def backups(**query) = with("/backups", query)

      # One's own account.
      def account = "/account"

      # Who works here.
      def crew = "/crew"

      # Practice, and what is under it.
      def practice(*rest, **query) = with(["/practice", *rest].join("/"), query)

      # What was written away from the server.
      def along = "/along"

      # The search.
      def search(**query) = with("/search", query)

      # A path with what is asked of it; nil is left out.
      def with(path, query)
        query = query.compact
        query.empty? ? path : "#{path}?#{Rack::Utils.build_query(query)}"
      end
    end
  end
end
