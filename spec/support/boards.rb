# frozen_string_literal: true

# Made-up firms for the board, and what is wrong with a plan of one, worked out from its file alone.
module Boards
  DAYS = %w[2027-03-01 2027-03-02 2027-03-03 2027-03-04 2027-03-05 2027-03-08 2027-03-09].freeze

  module_function

  # A firm with so many steps of crews, or a few less.
  #
  # @return [Hash] a board file
  def any(random, steps, jobs: 2, crews: random.rand(1..2))
    {"format" => "yellow-track/board", "version" => 1, "start" => DAYS.first, "off" => [DAYS[random.rand(1..4)]],
     "pause" => {"from" => 720, "minutes" => 30},
     "crews" => Array.new(crews) { |place| crew(random, place) },
     "jobs" => Array.new(jobs) { |place| job(random, place, (steps + place) / jobs) },
     "told" => (random.rand < 0.3) ? [{"job" => "job-0", "date" => DAYS[random.rand(0..3)]}] : []}
  end

  def crew(random, place)
    {"key" => "crew-#{place}", "people" => random.rand(1..2),
     "away" => (random.rand < 0.2) ? [DAYS[random.rand(0..2)]] : [],
     "partly" => (random.rand < 0.2) ? [{"date" => DAYS[0], "from" => 540, "to" => 660}] : []}
  end

  def job(random, place, count)
    {"key" => "job-#{place}", "travel" => [0, 20, 45].sample(random:), "shut" => (random.rand < 0.2) ? [DAYS[1]] : [],
     "by" => (random.rand < 0.3) ? DAYS[random.rand(2..5)] : nil,
     "steps" => Array.new(count) { |one| step(random, one) }}
  end

  def step(random, place)
    after = place.zero? ? [] : [{"step" => "S#{random.rand(place)}", **wait(random)}]
    kind = random.rand
    one = {"key" => "S#{place}", "opening" => "A", "what" => "work", "after" => after}
    return one.merge("place" => "other", "days" => random.rand(1..2)) if kind < 0.12

    one.merge("place" => (kind < 0.35) ? "shop" : "site", "minutes" => random.rand(2..18) * 10,
      "hands" => random.rand(1..2))
  end

  def wait(random)
    case random.rand(5)
    when 0 then {"wait" => {"hours" => random.rand(1..20)}}
    when 1 then {"wait" => {"days" => 1}}
    else {}
    end
  end

  # What is wrong with a plan: steps that are missing or twice, out of hours, before their waits, straight after
  # another crew's, two at a time, in a shut house, a house twice a day, roads that are not driven.
  #
  # @return [Array<String>]
  def broken(board, plan)
    steps = plan["jobs"].flat_map { |job| job["steps"].map { |step| [[job["key"], step["key"]], step] } }.to_h
    legs = plan["days"].flat_map { |day| day["legs"].map { |leg| [day, leg] } }
    done = legs.filter_map { |_, leg| [leg["job"], leg["step"]] if leg["step"] }
    wanted = board["jobs"].flat_map { |job|
      job["steps"].reject { |step| step["place"] == "other" }.map { |step| [job["key"], step["key"]] }
    }
    [*((done.tally != wanted.tally) ? ["steps: #{done.tally}"] : []), *order(board, steps), *days(board, plan),
      *crews(board, plan)]
  end

  def order(board, steps)
    board["jobs"].flat_map do |job|
      job["steps"].flat_map do |step|
        own = steps.fetch([job["key"], step["key"]])
        (step["after"] || []).filter_map do |after|
          before = steps.fetch([job["key"], after["step"]])
          hours = after.dig("wait", "hours") || 0
          early = DateTime.iso8601(own["start"]) < DateTime.iso8601(before["end"]) + Rational(hours, 24)
          same = own["crew"] && before["crew"] && own["crew"] != before["crew"] &&
            own["start"][0, 10] == before["end"][0, 10]
          "#{job["key"]} #{step["key"]} after #{after["step"]}" if early || same
        end
      end
    end
  end

  def days(board, plan)
    travel = board["jobs"].to_h { |job| [job["key"], job["travel"]] }
    shut = board["jobs"].to_h { |job| [job["key"], job["shut"]] }
    plan["days"].flat_map do |day|
      legs = day["legs"]
      houses = legs.select { |leg| leg["is"] == "site" }.map { |leg| leg["job"] }
        .chunk_while { |one, other| one == other }
        .map(&:first)
      overlap = legs.each_cons(2).any? { |one, other| one["to"] > other["from"] }
      roads = legs.count { |leg| leg["is"] == "road" }
      expected = houses.empty? ? 0 : [nil, *houses, nil].each_cons(2).count { |one, other|
        [one, other].compact.map { |job| travel[job] }.max.positive?
      }
      [("overlap #{day["date"]}" if overlap), ("twice #{day["date"]}" if houses.uniq != houses),
        ("shut #{day["date"]}" if houses.any? { |job| shut[job].include?(day["date"]) }),
        ("roads #{day["date"]} #{roads} #{expected}" if roads != expected)].compact
    end
  end

  # A crew works in its hours, not while it is away, and has the people where one has.
  def crews(board, plan)
    by_key = board["crews"].to_h { |crew| [crew["key"], crew] }
    most = board["crews"].map { |crew| crew["people"] }.max
    hands = board["jobs"].flat_map { |job|
      job["steps"].map { |step| [[job["key"], step["key"]], step["hands"] || 1] }
    }.to_h
    plan["days"].flat_map do |day|
      crew = by_key.fetch(day["crew"])
      times = day["legs"].flat_map { |leg| leg.values_at("from", "to") }.map { |time| time[11, 5] }
      few = day["legs"].select { |leg| leg["step"] }.any? { |leg|
        crew["people"] < [hands.fetch([leg["job"], leg["step"]]), most].min
      }
      [("away #{day["date"]}" if crew["away"].include?(day["date"]) || board["off"].include?(day["date"])),
        ("hours #{day["date"]}" if times.any? { |time| time < "07:30" || time > "16:30" }),
        ("people #{day["date"]}" if few)].compact
    end
  end

  # The best value that there is, by every row of every crew on every day, none left out for another.
  def exhausted(model, value, ends: model.beginning, day: 0, so_far: [], last: 9)
    return value.of(so_far) if model.crew.all? { |place| ends[place] }
    return if day > last

    laid(model, day, ends, model.crews.each_index.to_a).filter_map { |all|
      later = ends.dup
      all.each { |row| row.works.each { |place, (_, over)| later[place] = over } }
      exhausted(model, value, ends: model.come(later), day: day + 1, so_far: so_far + all, last:)
    }.min
  end

  def laid(model, day, ends, crews, taken: [])
    crew, *rest = crews
    return [[]] unless crew

    [nil, *every(model, crew, day, ends, taken)].flat_map do |row|
      laid(model, day, ends, rest, taken: taken + (row ? row.works.keys : [])).map { |others| [row].compact + others }
    end
  end

  # Every day of a crew, in every order.
  def every(model, crew, day, ends, taken)
    return [] unless model.crews[crew].works?(day)

    rows, open = YellowTrack::Board::Rows.new(model), model.crew.select { |place| ends[place].nil? } - taken
    layer, found = [rows.blank(crew, day, ends)], []
    until layer.empty?
      layer = layer.flat_map { |row| rows.joined(row, open - row.works.keys) }
      found.concat(layer)
    end
    found.map { |row| rows.closed(row) }
  end
end
