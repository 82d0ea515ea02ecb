# frozen_string_literal: true

# Work of crews, at random, and every plan of it one by one.
module Crews
  module_function

  # @param count [Integer] steps
  # @return [Hash] a work file
  def any(random, count)
    steps = count.times.each_with_object([]) { |place, before| before << step(random, place, before) }
    {"format" => "yellow-track/work", "version" => 1, "name" => "Tern House", "start" => "2027-03-01",
     "off" => ["2027-03-03"], "away" => ["2027-03-05"], "travel" => random.rand(0..60), "steps" => steps}
  end

  def step(random, place, before)
    opening, at = %w[A B C].sample(random:), %w[site site site shop other].sample(random:)
    mine = before.reverse.find { |step| step["opening"] == opening }
    {"key" => "#{opening}-#{place}", "opening" => opening, "place" => at,
     **((at == "other") ? {"days" => random.rand(1..3)} : {"minutes" => random.rand(10..200)}),
     **(mine ? {"after" => [{"step" => mine["key"], "wait" => wait(random)}]} : {})}
  end

  def wait(random) = [nil, {"hours" => random.rand(1..30)}, {"days" => random.rand(1..4)}].sample(random:)

  # What the best plan comes to, by trying every step next on every day, closing no day
  # early: last day, visits, days with work, dates of visits.
  def exhausted(model)
    best = [model.last_day(model.singly(model.beginning)), 99]
    try(model, 0, model.beginning, nil, nil, []) { |value| best = value if (value <=> best).negative? }
    best
  end

  # Every way on from a moment of a day; rows are days with work, those with a trip told.
  def try(model, day, ends, now, trip, rows, &found)
    calendar = model.calendar
    if model.crew.all? { |place| ends[place] }
      dates = rows.select(&:last).map(&:first)
      return found.call([model.last_day(ends), dates.length, rows.length, dates])
    end
    return if day > model.last_day(model.singly(model.beginning))

    model.crew.each do |place|
      next if ends[place] || !calendar.crew?(day) || !(ready = model.ready(place, ends))

      went(model, day, place, ready, now, trip)&.then do |start, on|
        later = ends.dup
        later[place] = start + model.steps[place].minutes
        row = [day, [trip, on].any?]
        try(model, day, model.come(later), later[place], on, [*rows.reject { |one, _| one == day }, row], &found)
      end
    end
    try(model, day + 1, ends, nil, nil, rows, &found)
  end

  # When a step would begin that day, and where the trip is then.
  def went(model, day, place, ready, now, trip)
    step, calendar = model.steps[place], model.calendar
    return if step.place == "site" && trip == :back

    on = (step.place == "site") ? :on : trip && :back
    road = (on != trip && now && (on == :back || trip.nil?)) ? calendar.travel : 0
    opens, closes = calendar.hours(step.place, day)
    start = [opens, (now || 0) + road, ready].max
    [start, on] if start + step.minutes <= closes
  end

  # What a plan breaks of the rules, a sentence each.
  def broken(work, plan)
    steps = work["steps"].to_h { |step| [step["key"], step] }
    times = plan["steps"].to_h do |step|
      [step["key"], step.values_at("start", "end").map { |moment| moment && DateTime.parse(moment) }]
    end
    crew = steps.values.reject { |step| step["place"] == "other" }
    [*crew.flat_map { |step| hours(step, times.fetch(step["key"]), work) }, *overlaps(crew, times),
      *steps.values.flat_map { |step| waits(step, times) }, *trips(crew, times, work["travel"])]
  end

  def hours(step, (start, ends), work)
    road = (step["place"] == "site") ? work["travel"] : 0
    day = start.to_date.to_s
    [((ends - start) * 1440 == step["minutes"]) || "#{step["key"]} takes its minutes",
      (minutes(start) >= 450 + road && minutes(ends) <= 990 - road) || "#{step["key"]} is out of hours",
      ((1..5).cover?(start.wday) && !(work["off"] + work["away"]).include?(day)) || "#{step["key"]} is on #{day}"]
      .grep(String)
  end

  def minutes(moment) = moment.hour * 60 + moment.min

  def overlaps(crew, times)
    crew.map { |step| times[step["key"]] }.sort.each_cons(2).reject { |(_, ends), (start, _)| ends <= start }
      .map { |one, other| "#{one} runs into #{other}" }
  end

  def waits(step, times)
    (step["after"] || []).filter_map do |after|
      over = times[after["step"]].last + (after.dig("wait", "hours") || 0)/24r
      "#{step["key"]} is before #{after["step"]} is over" if times[step["key"]].first < over
    end
  end

  # On a day shop, site and shop, with the way between.
  def trips(crew, times, travel)
    crew.group_by { |step| times[step["key"]].first.to_date }.flat_map do |day, on|
      on = on.sort_by { |step| times[step["key"]] }
      changes = on.each_cons(2).select { |one, other| one["place"] != other["place"] }
      short = changes.select { |one, other| (times[other["key"]].first - times[one["key"]].last) * 1440 < travel }
      places = on.map { |step| step["place"] }.chunk_while { |one, other| one == other }.map(&:first)
      [*("two trips on #{day}" if places.count("site") > 1), *short.map { |one, _| "no way after #{one["key"]}" }]
    end
  end
end
