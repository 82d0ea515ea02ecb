# frozen_string_literal: true

require "json_schemer"
require "support/share"

# How sure a set is of its readings: worked cases, what holds of any opening, and what a fitter did about it.
RSpec.describe YellowTrack::Sure do
  shelf, file = YellowTrack::Files::Shelf, YellowTrack::Files::SureFile
  other_side = {"left" => "right", "right" => "left", "rising" => "falling", "falling" => "rising"}.freeze

  # The worked case of a name, opening and answer.
  def worked(name)
    %w[opening sure].map { |kind| JSON.parse(File.read("#{YellowTrack::ROOT}/spec/cases/sure/#{name}.#{kind}.json")) }
  end

  # Rows by their keys, without what a mirror renames.
  def rows(document)
    described_class.new(YellowTrack::Files::Shelf.opening(document)).rows.to_h { |row| [row.key, row] }
  end

  # What a row says, in steps.
  def says(row) = [row.more, row.less].map { |way| [way.troubles, way.spoils, way.codes, way.seen] }

  # A random set that is worked.
  def worked_set(random)
    loop do
      document = document_of(Kinds::ALL.keys.sample(random:), random)
      return document if described_class.new(YellowTrack::Files::Shelf.opening(document)).state == :worked
    end
  end

  # The same lengths, each with its unit.
  def with_units(value, key = nil)
    case value
    when Hash then value.to_h { |name, inner| [name, with_units(inner, name)] }
    when Array then (key == "pattern") ? value : value.map { |inner| with_units(inner, key) }
    when Numeric then %w[panels leaves share].include?(key) ? value : "#{value}mm"
    else value
    end
  end

  Dir["#{YellowTrack::ROOT}/spec/cases/sure/*.opening.json"].map { |path| File.basename(path, ".opening.json") }
    .each do |name|
    it "agrees with the worked #{name}, and with its schema" do
      opening, answer = worked(name)
      got = JSON.parse(JSON.generate(file.of(shelf.opening(opening))))
      expect(got).to eq answer
      schema = JSONSchemer.schema(JSON.parse(File.read("#{YellowTrack::ROOT}/docs/formats/sure.schema.json")))
      expect(schema.validate(got).map { |error| error["error"] }).to eq []
    end
  end

  # A random set of which a diagonal was not taken, nor a lean.
  def worked_with_less(random)
    loop do
      document = worked_set(random)
      less = document.merge("survey" => document["survey"].merge(
        "diagonals" => document["survey"]["diagonals"].slice("rising"),
        "leans" => document["survey"]["leans"].slice("left")
      ))
      sure = described_class.new(YellowTrack::Files::Shelf.opening(less))
      return sure if sure.state == :worked && sure.plan.closure.checked?
    end
  end

  # The tape itself is left out: its slip is one of all lengths, and leans, which are none, give it room.
  it "shows a slip of a reading no later for one reading more" do
    random = Random.new(RSpec.configuration.seed)
    Share.count(6).times do
      sure = worked_with_less(random)
      key, value = sure.plan.closure.untaken.sample(random:)
      more = described_class.new(sure.plan.opening.surveyed(sure.plan.survey.with(key, value.to_r)))
      with = more.rows.to_h { |row| [row.key, row] }
      sure.rows.reject { |row| row.key == YellowTrack::Sure::Readings::TAPE }.each do |row|
        late = [[row, with.fetch(row.key)]].flat_map { |one, other| [[one.more, other.more], [one.less, other.less]] }
          .select { |before, after| (after.seen || 99) > (before.seen || 99) }
        expect(late).to eq([]), "#{row.key} with #{key}"
      end
    end
  end

  # A plan is what takes time: whoever asks for less waits for fewer.
  it "makes fewer plans to say what there is to spare, and what is taken twice, than for all that a slip does" do
    opening = shelf.opening(worked("bypass-bottomrolling-inch").first)
    count = 0
    allow(YellowTrack::Plan).to receive(:of).and_wrap_original do |plan, *given, **more|
      count += 1
      plan.call(*given, **more)
    end
    spare, twice, all = %i[spare twice rows].map do |asked|
      before = count
      found = described_class.new(opening).public_send(asked)
      found.each { |row| says(row) } if asked == :rows
      count - before
    end
    expect([spare, twice]).to match [be < all / 2, be < all]
    expect(all).to be > 100
  end

  # A shape that is solved from the other side comes out some thousandths of a millimetre off: where one of them
  # decides, a step is another, and only to its neighbour.
  it "says the same of a mirrored opening, left for right" do
    document = worked_set(Random.new(RSpec.configuration.seed))
    document["survey"]["floor"].last[0] = document["survey"]["widths"]["bottom"] # what lies beyond a jamb has no mirror
    plain, mirrored = rows(document), rows(mirrored(document))
    last = document["survey"]["floor"].length - 1
    unlike = plain.flat_map do |key, row|
      other = key.sub(/(left|right|rising|falling)\z/) { |side| other_side.fetch(side) }
        .sub(/floor\.(\d+)/) { "floor.#{last - $1.to_i}" }
      there = says(mirrored.fetch(other))
      says(row).zip(key.include?("leans") ? there.reverse : there).reject { |one, two| one == two }
    end
    near = unlike.select do |one, two|
      steps = [one, two].map { |told| told.values_at(0, 1, 3).map { |step| described_class::STEPS.index(step) || 7 } }
      steps.transpose.all? { |a, b| (a - b).abs <= 1 }
    end
    expect([unlike - near, near.length]).to match [[], be <= plain.length / 5]
  end

  it "says the same of the same lengths in an inch file" do
    document = worked_set(Random.new(RSpec.configuration.seed + 1)).merge("grain" => 1)
    inches = with_units(document).merge("units" => "in", "version" => 1)
    expect(rows(inches).transform_values { |row| says(row) })
      .to eq(rows(document).transform_values { |row| says(row) })
  end

  # Stops of panels that are cut as planned, where one reading is so much more.
  def stops(document, key = nil, slip = 0)
    panel = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document)).set.panels.first
    cut = JSON.parse(JSON.generate(document))
    cut["set"] = cut["set"].except("slab", "lap").merge("width" => panel.width.round(3).to_f,
      "height" => panel.height.round(3).to_f)
    first, second = key&.split(".")
    (first == "floor") ? cut["survey"][first][second.to_i][1] += slip : key && cut["survey"][first][second] += slip
    YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(cut)).checks.select(&:stop?).map(&:code)
      .reject { |code| code.start_with?("survey.") && code != "survey.taper" }
  end

  it "has nothing spoilt within what it says there is to spare, whatever reading slips" do
    random = Random.new(RSpec.configuration.seed + 2)
    document = worked_set(random)
    sure = described_class.new(shelf.opening(document))
    keys = sure.rows.map { |row| row.key.delete_prefix("survey.") }
      .grep(/\A(widths|heights|diagonals|leans|floor)\./)
    spoilt = Array.new(Share.count(18)) {
      key, slip = keys.sample(random:), random.rand((sure.spare || 20).to_f) * [1, -1].sample(random:)
      [key, slip.round(1), stops(document, key, slip.round(1)) - stops(document)]
    }
    expect(spoilt.reject { |_, _, codes| codes.empty? }).to eq []
  end

  describe "of what was taken twice" do
    let(:opening) { worked("bifold-two-pairs-inch").first }

    def with(**survey)
      changed = opening.merge("survey" => opening["survey"].merge(survey.transform_keys(&:to_s)))
      YellowTrack::Files::SureFile.of(YellowTrack::Files::Shelf.opening(changed))
    end

    it "drops it from the list, keeps its row, and counts it in what there is to spare" do
      sure = with(twice: ["survey.heights.middle", "survey.above"])
      expect(sure).to include("spare" => 5, "by" => "survey.heights.middle",
        "named" => ["survey.covering.thickness", "survey.tape"])
      expect(sure["readings"].find { |row| row["key"] == "survey.heights.middle" }).to include("twice" => false)
    end

    it "takes no key that is of no reading" do
      expect { with(twice: ["survey.colour"]) }.to raise_error(YellowTrack::Faults, /twice/)
    end
  end

  it "says that readings come first, that a set has a stop of its own, and that nothing was read yet" do
    state = ->(**changes) { file.of(opening(**changes)).values_at("state", "spare", "readings") }
    expect(state["survey.heights.left" => 2260]).to eq ["suspect", nil, []]
    expect(state["set.thickness" => 70]).to eq ["stopped", nil, []]
    planned = YellowTrack::Files::Shelf.opening(Cases.read("planned-pocket-mm", "opening"))
    expect(file.of(planned)["state"]).to eq "planned"
    none = YellowTrack::Files::Shelf.opening(Cases.read("nothing-left-after-packing-mm", "opening"))
    expect(file.of(none)["state"]).to eq "none"
  end
end
