# frozen_string_literal: true

require "json"

# Worked choices: openings with the ranking that belongs to them.
module Choices
  FOLDER = File.expand_path("../cases/choose", __dir__)
  NEAR = {"weight" => 0.02, "areal" => 0.011, "share" => 0.001}.freeze
  LENGTH = 0.05

  module_function

  def names = Dir["#{FOLDER}/*.opening.json"].sort.map { |file| File.basename(file, ".opening.json") }

  def read(name, kind) = JSON.parse(File.read("#{FOLDER}/#{name}.#{kind}.json"))

  # Where a ranking departs from the worked one, a sentence each.
  def departures(worked, made)
    head = %w[name tried nearest].reject { |key| worked[key] == made[key] }
      .map { |key| "#{key}: #{worked[key].inspect} is worked, #{made[key].inspect} made" }
    order = [worked, made].map { |choice| choice["ranked"].map { |card| card.values_at("manner", "in_mind") } }
    return [*head, "order: #{order.first} is worked, #{order.last} made"] if order.uniq.length > 1

    head + worked["ranked"].zip(made["ranked"]).flat_map { |one, other| card(one, other) }
  end

  def card(worked, made)
    worked.flat_map do |key, value|
      found = made[key]
      value, found = value.sort_by(&:to_s), found.sort_by(&:to_s) if key == "stops"
      value, found = [value, found].map { |list| list.sort_by { |one| one.values.first } } if %w[unread takes_to_fit]
        .include?(key)
      differ(value, found, "#{worked["manner"]}.#{key}")
    end
  end

  def differ(worked, made, path)
    case worked
    when Hash then worked.flat_map { |key, value| differ(value, made.is_a?(Hash) ? made[key] : nil, "#{path}.#{key}") }
    when Array
      return ["#{path}: #{worked} is worked, #{made.inspect} made"] unless made.is_a?(Array) &&
        made.length == worked.length

      worked.zip(made).each_with_index.flat_map { |(one, other), place| differ(one, other, "#{path}[#{place}]") }
    when Numeric then near?(worked, made, path) ? [] : ["#{path}: #{worked} is worked, #{made.inspect} made"]
    else (worked == made) ? [] : ["#{path}: #{worked.inspect} is worked, #{made.inspect} made"]
    end
  end

  def near?(worked, made, path)
    near = {/share\z/ => 0.001, /heaviest\z/ => 0.02, /figure\z|needs\z/ => 0.05}.find { |name, _| name.match?(path) }
    made.is_a?(Numeric) && (worked - made).abs <= (near&.last || LENGTH)
  end
end
