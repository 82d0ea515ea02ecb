# frozen_string_literal: true

RSpec.describe YellowTrack::Drawing::BenchView do
  # Where the corners of what hangs are drawn: its outline through its layers.
  def corners(bench, layer = "hung-panel")
    picture = Nokogiri::XML(bench.to_s).remove_namespaces!
    face = picture.at_css("g.#{layer} polygon")
    around = face.ancestors("g").map { |group| matrix(group["transform"]) }
    face["points"].split.map do |pair|
      around.reduce(pair.split(",").map(&:to_f)) { |(x, y), (a, b, c, d, e, f)| [a * x + c * y + e, b * x + d * y + f] }
    end
  end

  def matrix(transform)
    numbers = transform.scan(/-?[\d.]+(?:e-?\d+)?/).map(&:to_f)
    transform.start_with?("matrix") ? numbers : [1, 0, 0, 1, *numbers]
  end

  def bench(gaps, jamb: "right", **rest)
    made = plan("hung.B" => {"jamb" => jamb, "gaps" => gaps})
    one = made.set.readings.last
    [described_class.of(one, one.answer, rest.transform_keys(&:to_s)), one]
  end

  # Gaps between the panel's edge and its jamb, as drawn, at top and bottom.
  def drawn(bench, jamb)
    at = (jamb == "right") ? 560 : 180
    near = corners(bench).min_by(2) { |x, _| (x - at).abs }.sort_by(&:last)
    near.map { |x, _| (at - x).abs }
  end

  %w[left right].each do |jamb|
    it "draws the gaps as they were read, larger than life, at the #{jamb} jamb" do
      picture, one = bench({"top" => 1, "middle" => 3.5, "bottom" => 6}, jamb:)
      scale = picture.factor * 400 / one.panel.height.to_f
      drawn(picture, jamb).zip([0, 5]).each { |units, mm| expect(units).to be_within(0.5).of(mm * scale) }
    end

    it "draws the ghost parallel to the #{jamb} jamb, and the panel on it once it was turned so" do
      picture, one = bench({"top" => 0, "middle" => 3, "bottom" => 6}, jamb:)
      ghost = corners(picture, "ghost")
      turned, = bench({"top" => 0, "middle" => 3, "bottom" => 6}, jamb:, left: one.answer.done("left"),
        right: one.answer.done("right"))
      corners(turned).zip(ghost).flatten(2).each_slice(4) do |x, y, ghost_x, ghost_y|
        expect([x, y]).to match [be_within(0.01).of(ghost_x), be_within(0.01).of(ghost_y)]
      end
      edge = ghost.map(&:first).minmax
      expect(ghost.count { |x, _| edge.any? { |one_edge| (x - one_edge).abs < 6 } }).to eq 4
    end

    it "hangs the jamb-side corner low where the panel touches at the top, #{jamb}" do
      picture, = bench({"top" => 0, "middle" => 3, "bottom" => 6}, jamb:)
      top = corners(picture).min_by(2, &:last).sort_by(&:first).map(&:last)
      expect((jamb == "right") ? top : top.reverse).to satisfy { |far, near| near > far }
    end
  end

  it "draws a folding pair's gaps at its jamb and under the head" do
    gaps = {"top" => 8, "bottom" => 4, "pivot" => 5, "lead" => 9}
    one = plan("set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2}, "hung.A" => {"gaps" => gaps}).set
      .readings.first
    picture = described_class.of(one, one.answer)
    top_near, top_far, _, foot_near = corners(picture)
    large = (top_near[0] - 180) / 8
    expect(foot_near[0] - 180).to be_within(0.5).of(large * 4)
    expect(top_far[1] - top_near[1]).to be_within(0.5).of(large * 4)
  end
end
