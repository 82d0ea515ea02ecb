# frozen_string_literal: true

RSpec.describe YellowTrack::Bifold do
  narrow = {"widths" => {"top" => 1000, "middle" => 1000, "bottom" => 1000},
            "heights" => {"left" => 2200, "middle" => 2200, "right" => 2200},
            "floor" => [[0, 0], [1000, 0]], "leans" => {"left" => 0, "right" => 0}, "depth" => 124}

  define_method(:pair) do |**changes|
    plan("survey" => narrow, "set" => {"family" => "bifold", "kit" => "fold-34", "thickness" => 35}, **changes)
  end

  it "takes the side gap from the turn of the corner, rounded up to a half" do
    set = pair.set
    expect(set.gaps.least_corner).to be_within(1e-9).of(Math.sqrt(34**2 + 17.5**2) - 34 + 1)
    expect(set.gaps.side).to eq 5.5
  end

  it "lets the left-over of one pair join the lead gap, of two the meet" do
    expect(pair.set).to have_attributes(width: 494, gaps: have_attributes(lead: 4.5, meet: nil))
    expect(pair("set.panels" => 4, "survey.widths" => {"top" => 2000, "middle" => 2000, "bottom" => 2000}).set.gaps)
      .to have_attributes(lead: nil, meet: 5)
  end

  it "shares what rounding gives the meet over 8 to the two sides, a fitter's own too" do
    set = pair("set.panels" => 4, "grain" => 10, "set.side_gap" => 7,
      "survey.widths" => {"top" => 2030, "middle" => 2030, "bottom" => 2030}).set
    expect(set.gaps.meet).to eq 8
    expect(set.gaps.side).to be > 7
    expect(2 * set.gaps.side + 4 * set.width + 4 + set.gaps.meet).to eq 2030
  end

  it "takes panels bought in a width as they are" do
    expect(pair("set.width" => 490).set.gaps.lead).to eq 1000 - 5.5 - 2 - 980
  end

  it "swings out under the head's half jamb, the track let down for it" do
    set = pair("set.half_jamb" => {"thickness" => 40}).set
    expect(set).to have_attributes(head_allowance: 45, height: 2200 - 45 - 12, top_seen: 5)
    expect(set.track).to have_attributes(mount_height: 2200 - 21, packing: 21)
  end

  it "puts pivots, holes, hinges, aligner and handle where they go" do
    right = pair("set.hand" => "right")
    expect(right.set.pivots).to eq [1000 - 5.5 - 34]
    expect(right.set.panels.map { |panel| panel.holes.map { |hole| hole[:for] } })
      .to eq [["guide pin"], ["top pivot", "bottom pivot"]]
    expect(right.set.fitted.hinges).to eq [250, 250 + 1734r / 3, 250 + 2 * 1734r / 3, 2164 - 180]
    expect(right.set.fitted.hinges.length).to eq 4
    expect(pair("set.panels" => 4).to_h["fittings"]).to include("aligner" => 300, "handle" => 980, "handle_at" => 47.5)
    expect(pair("set.handle" => "middle").to_h["fittings"]["handle_at"]).to be_within(0.001).of(pair.set.width/2r)
    slab = {"width" => 900, "height" => 2300, "stile" => 80}
    expect(pair("set.slab" => slab).to_h["fittings"]["handle_at"]).to eq 40
    expect(pair("set.handle" => "middle", "set.slab" => slab).to_h["fittings"]["handle_at"]).to be_within(0.001)
      .of(pair.set.width/3r)
  end

  it "meets two tracks in the middle, at a mark of the grain or next left" do
    track = pair("set.panels" => 4, "survey.widths" => {"top" => 1999, "middle" => 1999, "bottom" => 1999}).set.track
    expect(track.pieces).to eq [998, 999]
  end

  it "refuses a number of panels that makes no pairs" do
    expect { pair("set.panels" => 3) }.to raise_error(YellowTrack::Fault, /3 panels make no pairs. It takes 2 or 4/)
  end

  describe "the fold" do
    it "starts closed: faces in line, the guide pin where it belongs" do
      set = pair.set
      pose = set.fold.at(0)
      expect(pose.corners.map(&:last).max).to be_within(1e-9).of(17.5)
      expect(pose.pin.first).to be_within(1e-9).of(2 * 494 + 2 - 68)
      expect(pose.phi).to be_within(1e-12).of(0)
    end

    it "keeps the guide pin on the track's line, and both panels whole, at every angle" do
      fold = pair.set.fold
      (0..87).each do |degrees|
        pose = fold.at(degrees)
        expect(pose.pin.last).to be_within(1e-9).of(0)
        [pose.pivot_corners, pose.lead_corners].each do |(a, b, c, _)|
          expect(Math.hypot(b[0] - a[0], b[1] - a[1])).to be_within(1e-9).of(494)
          expect(Math.hypot(c[0] - b[0], c[1] - b[1])).to be_within(1e-9).of(35)
        end
      end
    end

    it "stops a degree short of where the guide pin can no longer follow" do
      kit = YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("fold-34").to_h)
        .merge("lead_inset" => 200)
      set = pair("set.kit" => kit).set
      expect(set.fold.angle).to be < 60
      expect(set.fold.at(set.fold.angle).pin.last).to be_within(1e-9).of(0)
    end
  end

  # The swept shape itself, against what the sums say of it.
  describe "swept, panel by panel" do
    let(:random) { Random.new(RSpec.configuration.seed) }

    def random_set(half_jamb:, panels: 2)
      document = document_of(half_jamb ? "bifold behind half jambs" : "bifold, one pair", random)
      document["set"]["panels"] = panels
      document["set"]["half_jamb"] = {"thickness" => random.rand(12..40)} if half_jamb
      plan_of(document).set
    end

    def poses(set) = (0..870).map { |tenth| set.fold.at(set.fold.angle * tenth / 870) }

    # Distance of a point from a panel's outline.
    def from_panel((x, y), corners)
      corners.each_with_index.map do |(x1, y1), place|
        x2, y2 = corners[(place + 1) % 4]
        along = (((x - x1) * (x2 - x1) + (y - y1) * (y2 - y1)) / ((x2 - x1)**2 + (y2 - y1)**2)).clamp(0, 1)
        Math.hypot(x - x1 - along * (x2 - x1), y - y1 - along * (y2 - y1))
      end.min
    end

    def place_of_pivot(set) = set.gaps.side + set.terms.pivot_inset

    it "never comes nearer to a jamb than the pinch" do
      12.times do
        set = random_set(half_jamb: false)
        a = place_of_pivot(set)
        nearest = poses(set).flat_map { |pose| pose.corners.flat_map { |x, _| [a + x, set.sizing.width - a - x] } }.min
        expect(nearest).to be_within(0.01).of(set.fold.pinch)
      end
    end

    it "clears the half jamb's corner by the pinch at least, at both sides, where no check stops it" do
      turning = %w[bifold.pinch bifold.strike bifold.lead bifold.setback]
      sets = Array.new(40) { random_set(half_jamb: true) }.reject do |set|
        set.checks.any? { |check| check.stop? && turning.include?(check.code) }
      end
      expect(sets.length).to be > 10
      sets.first(12).each do |set|
        a, face = place_of_pivot(set), (set.thickness / 2 + set.terms.setback).to_f
        corners = [[(set.half_jamb - a).to_f, face], [(set.sizing.width - set.half_jamb - a).to_f, face]]
        nearest = poses(set).flat_map { |pose| [[corners[0], pose.pivot_corners], [corners[1], pose.lead_corners]] }
          .map { |corner, panel| from_panel(corner, panel) }.min
        expect(nearest).to be >= set.fold.pinch - 0.01
        expect(set.fold.pinch).to be >= 1 - 1e-6
      end
    end

    it "swings the lead corner as far as the lead gap allows for, to a fiftieth of a millimetre" do
      12.times do
        set = random_set(half_jamb: false)
        closed = set.fold.at(0).lead_corners.map(&:first).max
        swing = poses(set).map { |pose| pose.lead_corners.map(&:first).max }.max - closed
        expect(swing).to be_within(0.02).of(set.gaps.swing)
      end
    end

    it "sticks out, clears and travels as the fold says" do
      12.times do
        set = random_set(half_jamb: false)
        swept = poses(set)
        expect(swept.flat_map { |pose| pose.corners.map(&:last) }.max - set.thickness / 2).to be_within(0.01)
          .of(set.fold.projection)
        expect(set.sizing.width - place_of_pivot(set) - swept.last.corners.map(&:first).max).to be_within(0.01)
          .of(set.fold.clear)
        expect(swept.first.pin.first - swept.last.pin.first).to be_within(0.01).of(set.fold.guide_travel)
      end
    end
  end
end
