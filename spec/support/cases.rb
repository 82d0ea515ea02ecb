# frozen_string_literal: true

require "json"

# Worked cases: openings with the plans that belong to them.
module Cases
  FOLDER = File.expand_path("../cases", __dir__)

  # How near a number has to come, by what it is; lengths otherwise.
  NEAR = {/\.share\z|\.r\z/ => 0.001, /\.weight\z/ => 0.02}.freeze
  LENGTH = 0.05

  module_function

  def names = Dir["#{FOLDER}/*.opening.json"].sort.map { |file| File.basename(file, ".opening.json") }

  def read(name, kind) = JSON.parse(File.read("#{FOLDER}/#{name}.#{kind}.json"))

  # Where a plan departs from the worked one, a sentence each.
  def departures(worked, plan, path = "")
    case worked
    when Hash then worked.flat_map { |key, value|
      departures(value, plan.is_a?(Hash) ? plan[key] : nil,
        "#{path}.#{key}")
    }
    when Array then listed(worked, plan, path)
    when Numeric then near?(worked, plan, path) ? [] : ["#{path}: #{worked} is worked, #{plan.inspect} planned"]
    else (worked == plan) ? [] : ["#{path}: #{worked.inspect} is worked, #{plan.inspect} planned"]
    end
  end

  def listed(worked, plan, path)
    return ["#{path}: #{worked.inspect} is worked, #{plan.inspect} planned"] unless plan.is_a?(Array) &&
      plan.length == worked.length

    worked.each_with_index.flat_map { |value, place| departures(value, plan[place], "#{path}[#{place}]") }
  end

  def near?(worked, plan, path)
    tolerance = NEAR.find { |pattern, _| pattern.match?(path) }&.last || LENGTH
    plan.is_a?(Numeric) && (worked - plan).abs <= tolerance
  end

  # A worked plan with its track in pieces as this plan has them: two bifold
  # tracks meet in the middle, which may fall between two marks of the grain.
  # Holes and joints follow from the pieces.
  def with_own_pieces(worked, planned, grain)
    pieces, own = worked.dig("track", "pieces"), planned.dig("track", "pieces")
    return worked unless worked["family"] == "bifold" && pieces.length == own.length && pieces.length > 1
    return worked unless pieces.zip(own).all? { |one, other| (one - other).abs <= grain }

    worked.merge("track" => worked["track"].merge(planned["track"].slice("pieces", "joints", "holes")))
  end

  # Checks as a set of code and level, the higher level of a code twice raised.
  def checks(plan)
    plan["checks"].group_by { |check| check["code"] }
      .transform_values do |list|
        list.map { |check| check["level"] }.min_by { |level| %w[stop watch note].index(level) }
      end
  end
end
