# frozen_string_literal: true

require "support/share"

# A fitter trusts a number that he can check with a pencil: what is printed, worked again as it
# stands there, comes to what is printed behind it, in both units.
RSpec.describe "Printed sums" do
  printers = {"mm" => YellowTrack::Length::Printer.derived(:mm), "in" => YellowTrack::Length::Printer.derived(:in)}

  def wrong(entry, printer)
    text, told = entry.sum(printer), entry.result(printer)
    return if Sums.worked(text) && Sums.near?(text, told, whole: printed_whole(entry, printer))

    "#{entry.key}: #{text} = #{told}"
  end

  # Lengths of a sum that come to a whole number as they are printed: 49.9996 is printed "50".
  def printed_whole(entry, printer)
    lengths = entry.values.values.flatten.grep_v(YellowTrack::Working::Plain).grep_v(Integer)
    lengths.reject { |mm| printer.as_term(mm) == mm }.map { |mm| printer.term(mm).delete("^0-9.") }.grep_v(/\./)
  end

  Kinds::ALL.each_key do |kind|
    printers.each do |unit, printer|
      it "come to their number in #{unit}: #{kind}" do
        random = Random.new(RSpec.configuration.seed)
        found = Array.new(Share.count(10)) { plan_of(document_of(kind, random)) }.flat_map do |made|
          made.working.entries.select(&:formula).filter_map { |entry| wrong(entry, printer) }
        end
        expect(found).to eq []
      end
    end
  end

  it "come near enough where a number is printed whole that is not" do
    work = YellowTrack::Working.new(%w[even])
    inch = YellowTrack::Length::MM_PER_INCH
    work.sum("even", "Fold", "furthest − thickness ÷ 2", why: "", furthest: 49.9996r * inch, thickness: 1.103r * inch)
    expect(work["even"].sum(printers["in"])).to eq "50 − 1.103 ÷ 2"
    expect(work["even"].result(printers["in"])).to start_with "49.448"
    expect(wrong(work["even"], printers["in"])).to be_nil
    expect(Sums.near?("50 − 1.103 ÷ 2", "49.447", whole: %w[50])).to be false
  end

  it "print a term as fine as it takes, where a pencil would come out a grain off" do
    work = YellowTrack::Working.new(%w[even])
    work.sum("even", "Height, Hp", "down(height − gap, grain)", why: "", height: 2029.9998r, gap: 36r, grain: 1r)
    expect(work["even"].sum).to eq "down(2\u00A0029.9998 − 36, 1)"
  end

  it "say how a short one was rounded, where that changed it" do
    work = YellowTrack::Working.new(%w[even odd lean hands none])
    formula = "down((run + lap) ÷ panels, grain)"
    work.sum("even", "Width, P", formula, why: "", run: 1804r, lap: 34r, panels: 2, grain: 1r)
    work.sum("odd", "Width, P", formula, why: "", run: 1803r, lap: 34r, panels: 2, grain: 1r)
    work.sum("none", "Room", "most(room − taken, 0)", why: "", room: 5r, taken: 8r)
    expect(work["even"].short).to eq "(1 804 + 34) ÷ 2".tr(" ", " ").sub("1 804", "1\u00A0804")
    expect(work["odd"].short).to end_with("÷ 2 = 918.5, down")
    expect(work["none"].short).to eq "5 − 8 = −3, not under 0"
  end

  it "put a number under nothing in brackets" do
    work = YellowTrack::Working.new(%w[even odd lean hands none])
    work.sum("lean", "Lean", "left + right", why: "", left: 2r, right: -1r)
    expect(work["lean"].sum).to eq "2 + (−1)"
  end

  it "count what is counted, and are no share" do
    work = YellowTrack::Working.new(%w[even odd lean hands none])
    work.given("hands", "Hands", 2, unit: "", from: :handbook, why: "")
    expect(work["hands"].result).to eq "2"
  end

  it "tell what is rounded to a millimetre in millimetres, beside the inches" do
    made = plan_of(document_of("top-hung pair", Random.new(1)))
    expect(made.working["panels.width"].result(printers["in"])).to match(/\A\d+.mm = \d/)
  end
end
