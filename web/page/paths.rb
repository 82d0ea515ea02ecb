# frozen_string_literal: true

require "rack/utils"

module YellowTrack
  module Web
    # Where everything is: the one place that puts paths together.
    module Paths
      module_function

      def wall = "/"

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

      def crew_visits(**query) = with("/visits", query)

      def feed(token) = "/calendar/#{token}.ics"

      def crew_hours(**query) = with("/visits/hours", query)

      def kit(id, *rest, **query) = with(["/kits/#{id}", *rest].join("/"), query)

      def kits = "/kits"

      def picture(id, small: false) = "/pictures/#{id}#{"/small" if small}"

      def papers(key) = "/papers/#{key}"

      def rack(*rest, **query) = with(["/rack", *rest].join("/"), query)

      def rules(**query) = with("/rules", query)

      def backups(**query) = with("/backups", query)

      def account = "/account"

      def crew = "/crew"

      def practice(*rest, **query) = with(["/practice", *rest].join("/"), query)

      def along = "/along"

      def search(**query) = with("/search", query)

      def with(path, query)
        query = query.compact
        query.empty? ? path : "#{path}?#{Rack::Utils.build_query(query)}"
      end
    end
  end
end
