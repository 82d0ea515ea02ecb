# frozen_string_literal: true

module YellowTrack
  module Store
    # Where a fitter's own book is.
    module Place
      OWN = "#{ROOT}/var/yellow-track.sqlite3"
      NAME = "YELLOW_TRACK_DB"

      module_function

      # @return [String] path of the database
      # @raise [Fault] for a name that is empty
      def database
        path = ENV.fetch(NAME, OWN)
        return File.expand_path(path) unless path.strip.empty?

        raise Fault.new("#{NAME} is empty: it takes the path of a database, as in ~/jobs.sqlite3, or is left out.",
          key: NAME)
      end
    end
  end
end
