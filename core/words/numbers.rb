# frozen_string_literal: true

module YellowTrack
  # The one place where numbers are rounded for a file: three decimals at
  # most, whole numbers without a point, never −0.
  module Numbers
    module_function

    # @param value [Object] a number is rounded; lists and hashes are walked;
    #   anything else is given back
    def rounded(value)
      case value
      when Integer, nil, String, true, false then value
      when Numeric then plain(value)
      when Array then value.map { rounded(_1) }
      when Hash then value.to_h { |key, inner| [key.to_s, rounded(inner)] }
      when Symbol then value.to_s
      else rounded(value.to_h)
      end
    end

    # As a file's decimal, whole where it is: nothing is rounded but what no decimal
    # holds.
    def exact(number) = (number.denominator == 1) ? number.to_i : number.to_f

    # @return [Integer, Float, nil] without a tail of zeros; nil for what is no number
    def plain(number)
      return nil if number.is_a?(Float) && !number.finite?

      short = number.to_f.round(3)
      (short == short.to_i) ? short.to_i : short
    end
  end
end
