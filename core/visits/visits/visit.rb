# frozen_string_literal: true

module YellowTrack
  class Visits
    # One trip to the site: its day, when the crew leaves, arrives, departs and is back,
    # its steps in order, the hands it takes; what calendars know it by, and how often it
    # was altered.
    Visit = Struct.new(:day, :leave, :arrive, :depart, :back, :places, :keys, :hands, :uid, :sequence,
      keyword_init: true) do
      # @param row [Days::Row] with a trip
      # @param model [Model]
      # @param job [String]
      def self.of(row, model, job)
        places = row.works.select { |place| model.steps[place].place == "site" }
        keys, travel = places.map { |place| model.steps[place].key }, model.calendar.travel
        arrive, depart = row.starts[places.first], row.ends[places.last]
        new(day: row.day, leave: arrive - travel, arrive:, depart:, back: depart + travel, places:, keys:,
          hands: places.map { |place| model.steps[place].hands }.max, uid: "visit.#{keys.first}.#{job}@yellow-track",
          sequence: 0)
      end

      # The times that a calendar has of it.
      def times(calendar) = [leave, arrive, depart, back].map { |moment| calendar.told(moment) }
    end
  end
end
