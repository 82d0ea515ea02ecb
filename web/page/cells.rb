# frozen_string_literal: true

require "csv"

module YellowTrack
  module Web
    # Tables as CSV, none of whose cells a spreadsheet takes for a sum.
    module Cells
      SUM = /\A[=+\-@\t\r]/
      NUMBER = /\A[+-]?[\d.,]+\z/

      module_function

      # @param heads [Array<String>]
      # @param rows [Array<Array>]
      # @return [String]
      def csv(heads, rows)
        CSV.generate do |csv|
          csv << heads
          rows.each { |row| csv << row.map { |cell| safe(cell) } }
        end
      end

      # A cell that would be taken for a sum is marked as text.
      def safe(cell) = (cell.is_a?(String) && cell.match?(SUM) && !cell.match?(NUMBER)) ? "'#{cell}" : cell
    end
  end
end
