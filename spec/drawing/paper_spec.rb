# frozen_string_literal: true

require "prawn"
require "support/as_read"

RSpec.describe YellowTrack::Drawing::Paper::Pack do
  fold = {"family" => "bifold", "kit" => "fold-34", "panels" => 4, "thickness" => 35,
          "half_jamb" => {"thickness" => 22}}

  def opening_of(made, letter = "C")
    described_class::Packed.new(plan: made, parts: YellowTrack::Parts.new(made, letter), letter:, name: "Bunk room 2",
      revision: 7, address: "http://127.0.0.1:8642/openings/1", rows: [], cautions: ["Cutting: eye and ear cover."])
  end

  def pack(*plans)
    openings = plans.zip("C".."Z").map { |made, letter| opening_of(made, letter) }
    described_class.new(job: "Osier Weir", date: "25 November 2026", address: "http://127.0.0.1:8642/jobs/1", openings:,
      lots: -> { [] })
  end

  # Lines of a PDF in millimetres: [x1, y1, x2, y2] each.
  def lines(pdf)
    pdf.scan(/^([\d.-]+) ([\d.-]+) m\n([\d.-]+) ([\d.-]+) l/).map do |line|
      line.map { |points| points.to_f * 25.4 / 72 }
    end
  end

  def level(pdf)
    lines(pdf).select { |_, from, _, to| (from - to).abs < 0.001 }.map { |left, _, right, _| right - left }
  end

  it "proves the printer's scale by a bar of 100 mm" do
    expect(level(pack(plan).render).count { |long| (long - 100).abs <= 0.05 }).to be >= 1
  end

  it "draws strips at full size, from either end of an edge: holes where the plan puts them, alike ones once" do
    made = plan("set" => fold)
    strips = YellowTrack::Drawing::Paper::Strips.new(YellowTrack::Drawing::Paper::Page.new, [opening_of(made)],
      heading: nil)
    looks = strips.parts.map { |part| part.to_h.except(:codes) }
    expect(looks.uniq).to eq looks
    expect(strips.rows.map { |row| row.sum(&:shown) }).to all be <= 186
    pdf = pack(made).render
    pivots = made.set.panels.first.holes.map { |hole| hole[:at].to_f }.uniq
    crosses = lines(pdf).select { |left, from, right, to| from == to && (right - left - 10).abs < 0.01 }
      .map do |left, _, right, _|
      (left + right) / 2
    end
    margin = 34 * 25.4 / 72
    pivots.each { |at| expect(crosses.map { |cross| cross - margin }).to include(be_within(0.05).of(at)) }
  end

  # A mark of each sheet's lines, words and places: `bin/test --as-read` writes them anew.
  it "puts every sheet of every manner on paper as it did" do
    ways = {"lapping" => {"family" => "bypass", "kit" => "twin-42"}, "folding" => fold,
            "pocket" => {"family" => "pocket", "kit" => "pocket-90"},
            "wall" => {"family" => "bypass", "kit" => "bar-1", "panels" => 1, "pattern" => [1], "opens" => "right"},
            "rolling" => {"family" => "bypass", "kit" => "roll-36"}}
    marks = ways.flat_map do |way, set|
      sheets = pack(plan("survey.beside" => {"left" => 3000, "right" => 3000}, "set" => set)).render
        .scan(/stream\n(.*?)\nendstream/m).flatten.select { |stream| stream.match?(/^BT$| re$/n) }
      sheets.each.with_index(1).map { |sheet, number| "#{way} #{number}: #{AsRead.mark(sheet)}\n" }
    end
    expect(marks.length).to be > 25
    expect(marks).to eq AsRead.kept("papers.marks", marks.join).lines
  end

  it "has the firm's name at the head of every page" do
    words = []
    allow_any_instance_of(Prawn::Document).to receive(:draw_text).and_wrap_original do |drawn, text, **rest|
      words << text
      drawn.call(text, **rest)
    end
    pages = described_class.new(job: "Osier Weir", date: "25 November 2026", address: "http://127.0.0.1:8642/jobs/1",
      openings: [opening_of(plan)], lots: -> { [] }, firm: "Runa and Odo").render[%r{/Count (\d+)}, 1]
    expect(words.grep(/\ARuna and Odo · /).length).to eq Integer(pages)
  end

  it "says on every page what it belongs to" do
    document = pack(plan, plan("set" => fold)).render
    expect(document.scan(%r{/Type /Page\n}).length).to be >= 8
    expect(document).to match(%r{/Lang <feff0065006e>}).and include("/Title")
  end

  it "says the places of a strip in its own opening's unit" do
    made = plan("set" => fold)
    read = {"widths" => {"top" => "71 3/16", "middle" => "71 1/4", "bottom" => "71 5/16"},
            "heights" => {"left" => "88 5/16", "middle" => "88 1/4", "right" => "88 3/8"}}
    inches = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(document(:units => "in", "survey" => read,
      "set" => fold.merge("thickness" => "35 mm", "half_jamb" => {"thickness" => "22 mm"}))))
    parts = YellowTrack::Drawing::Paper::Strips.new(YellowTrack::Drawing::Paper::Page.new,
      [opening_of(made, "C"), opening_of(inches, "D")], heading: nil).parts
    said = parts.group_by { |part| part.codes.first[0] }.transform_values { |list| list.flat_map(&:holes).map(&:says) }
    expect(said.keys).to match_array %w[C D]
    expect(said["D"]).to all match(%r{\d/\d+|\d\z})
    expect(said["C"] & said["D"]).to eq []
  end

  it "prints what is alike once, and nothing under 9 points" do
    made = plan
    one, two = pack(made).render, pack(made, made, made).render
    sheets = ->(pdf) { pdf.scan(/stream\n(.*?)\nendstream/m).flatten.select { |stream| stream.include?("BT\n") } }
    expect(sheets.call(two).length).to be <= 3 + 2 * (sheets.call(one).length - 1)
    sizes = sheets.call(two).flat_map { |sheet| sheet.scan(%r{/F\S+ ([\d.]+) Tf}).flatten.map(&:to_f) }
    expect(sizes.min).to be >= 9
  end
end
