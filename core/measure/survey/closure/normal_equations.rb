# frozen_string_literal: true

module YellowTrack
  class Survey
    class Closure
      # N = AᵀPA, in Cholesky form (L·Lᵀ). A row of A is sparse: pairs of the
      # unknown's place and its coefficient.
      class NormalEquations
        # What a pivot that has vanished is held at: readings that make no
        # shape at all still give numbers, and the checks speak of them.
        LEAST_PIVOT = 1e-9

        # @param rows [Array<Array(Integer, Float)>] A, an observation a row
        # @param weights [Array<Float>] the diagonal of P
        # @param size [Integer] of unknowns
        def initialize(rows, weights, size)
          @rows = rows
          @weights = weights
          @size = size
          @lower = cholesky(normal)
        end

        # @param misfits [Array<Float>]
        # @return [Array<Float>] the change of each unknown
        def solve(misfits)
          right = Array.new(@size, 0.0)
          @rows.each_with_index do |row, k|
            pull = misfits[k] * @weights[k]
            row.each { |place, value| right[place] += value * pull }
          end
          backward(forward(right))
        end

        # a·N⁻¹·aᵀ of a row: the square of L⁻¹a.
        def spread(row)
          full = Array.new(@size, 0.0)
          row.each { |place, value| full[place] += value }
          forward(full).sum { |part| part * part }
        end

        private

        # The lower half of N.
        def normal
          sums = Array.new(@size) { |i| Array.new(i + 1, 0.0) }
          @rows.each_with_index do |row, k|
            row.each do |i, a|
              pull = a * @weights[k]
              row.each { |j, b| sums[i][j] += pull * b if j <= i }
            end
          end
          sums
        end

        # Turns the lower half of N into L, in place.
        def cholesky(lower)
          lower.each_with_index do |row, i|
            row.each_index do |j|
              row[j] = element(row[j], row, lower[j], i:, j:)
            end
          end
        end

        def element(value, row, other, i:, j:)
          j.times { |k| value -= row[k] * other[k] }
          if i == j
            Math.sqrt((value > LEAST_PIVOT) ? value : LEAST_PIVOT)
          else
            value / other[j]
          end
        end

        def forward(right)
          @lower.each_with_index do |row, i|
            value = right[i]
            i.times { |k| value -= row[k] * right[k] }
            right[i] = value / row[i]
          end
          right
        end

        def backward(right)
          (@size - 1).downto(0) do |i|
            value = right[i]
            (i + 1).upto(@size - 1) { |k| value -= @lower[k][i] * right[k] }
            right[i] = value / @lower[i][i]
          end
          right
        end
      end
    end
  end
end
