# frozen_string_literal: true

module YellowTrack
  module Files
    # The sure file: how sure a set is of its readings (handbook 16).
    module SureFile
      FORMAT = {"format" => "yellow-track/sure", "version" => 1}.freeze

      module_function

      # @param opening [Opening]
      # @return [Hash] for JSON, slips in whole mm
      def of(opening)
        sure = Sure.new(opening)
        FORMAT.merge("name" => opening.name, "state" => sure.state.to_s, "spare" => sure.spare&.to_i,
          "by" => sure.by&.key, "twice" => sure.twice.map(&:key), "named" => sure.named.map(&:key),
          "readings" => sure.rows.map { |row| row(row) })
      end

      # A reading as the file has it.
      def row(row)
        {"key" => row.key, "twice" => row.twice?, "more" => way(row.more), "less" => way(row.less)}
      end
      private_class_method :row

      # One direction of it.
      def way(way)
        {"troubles" => way.troubles&.to_i, "spoils" => way.spoils&.to_i, "codes" => way.codes, "seen" => way.seen&.to_i}
      end
      private_class_method :way
    end
  end
end
