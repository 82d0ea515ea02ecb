# frozen_string_literal: true

# Printed sums, worked again with a pencil: as they stand there, with nothing but what is printed.
module Sums
  UNITS = %r{[\u00A0 ](?:kg/m² per mm|kg/m²|kg|mm|in|°|%|N|h|min)(?![\p{L}])}

  module_function

  # What a sum comes to as it is printed.
  #
  # @param text [String] "(1 806 + 1 × 32) ÷ 2", "least of 1 808, 1 809"
  # @return [Numeric, nil] nil for what is no sum
  def worked(text)
    YellowTrack::Formula.new(bare(text)).value({})
  rescue ArgumentError, KeyError
    nil
  end

  # Digits ungrouped, units off, what inches are rounded to in inches.
  def bare(text)
    text.gsub(/(?<=\d)\u00A0(?=\d{3})/, "").gsub(/, (\d+)\/(\d+)\)/, ', \1 ÷ \2)')
      .gsub(UNITS, "").delete("°")
      .gsub(/\b(least|most) of ([\d., −]+)/, '\1(\2)').strip
  end

  # The number that stands behind a sum: "919.0", "36.063 = 36 1/16", "51.2 %", "17.1 kg".
  #
  # @return [Rational]
  def told(text)
    first = text.split(" = ").first.gsub(/(?<=\d)\u00A0(?=\d{3})/, "").tr("−", "-")
    return whole_and_part(first) if first.include?("/")

    number = first[/-?\d+(?:\.\d+)?/] or return
    first.include?("%") ? Rational(number) / 100 : Rational(number)
  end

  def whole_and_part(text)
    sign = text.start_with?("-") ? -1 : 1
    sign * text.delete("-").split.sum { |part| part.match?(%r{\A\d+(/\d+)?\z}) ? Rational(part) : 0 }
  end

  # How near a sum comes to what is told of it: half a step of what is told, and what half a step
  # of each of its printed numbers makes of it.
  #
  # @param whole [Array<String>] of its numbers those that are printed whole and are not: 49.9996 as "50"
  def near?(sum, result, whole: [])
    decimals = result[/\.(\d+)/, 1].to_s.length
    step = result.include?("%") ? 0.001 : 10.0**-decimals
    (worked(sum) - told(result)).abs <= step * 0.51 + slack(bare(sum), whole)
  end

  # How far a sum may be off for its numbers being printed to so many decimals.
  def slack(text, whole = [])
    right = YellowTrack::Formula.new(text).value({})
    text.enum_for(:scan, Regexp.union(/\d+\.\d+/, *whole.map { |number| /(?<![\d.])#{number}(?![\d.])/ })).sum do
      match = Regexp.last_match
      decimals = match[0][/\.(.+)/, 1]&.length || YellowTrack::Length::Printer::PLACES
      off = (Rational(match[0]) + Rational(1, 2 * 10**decimals)).to_f
      (YellowTrack::Formula.new("#{match.pre_match}#{format("%.6f", off)}#{match.post_match}").value({}) - right).abs
    end
  end
end
