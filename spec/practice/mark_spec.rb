# frozen_string_literal: true

require "support/share"
require "date"

RSpec.describe YellowTrack::Practice::Mark do
  let(:question) do
    YellowTrack::Practice::Drills.question("tightest", level: 3, seed: 5,
      read: YellowTrack::Files::Commands.method(:read))
  end
  let(:height) { question.parts.last }

  def mark(given, part: height) = described_class.of(part, given.to_r, question)

  it "grades by the size of the error, alike over and under while the set goes in" do
    {0 => :exact, 0.5 => :exact, 1 => :good, 1.5 => :usable, 3 => :usable, 3.1 => :wrong}.each do |off, grade|
      expect([off, mark(height.answer - off).grade]).to eq [off, grade]
      expect([off, mark(height.answer + off).grade]).to eq [off, (grade == :usable) ? :wrong : grade]
    end
    expect(mark(height.answer + 12).site).to include("trip back to the saw")
    expect(mark(height.answer - 12).site).to be_nil
  end

  it "names the slip that an answer lands on, in each of them" do
    question.parts.each do |part|
      part.slips.each do |slip|
        named = mark(slip.value, part:).slip
        expect(named.value).to be_within(0.75).of(slip.value)
      end
    end
    expect(mark(height.answer).slip).to be_nil
  end

  it "marks alike over and under, in every drill and level, where the set goes in alike" do
    read = YellowTrack::Files::Commands.method(:read)
    Share.of(YellowTrack::Practice::Drills.all.keys, 3).each do |key|
      YellowTrack::Practice::Drills::LEVELS.each do |level|
        question = YellowTrack::Practice::Drills.question(key, level:, seed: 2, read:)
        question.parts.select(&:length?).each do |part|
          [0r, 1r / 2, 1r, 3r / 2, 2r, 3r, 4r, 30r].each do |off|
            under, over = [-off, off].map { |by| described_class.of(part, part.answer + by, question) }
            expect(under.off).to eq(-over.off)
            expect(under.points).to eq over.points if off <= 1 || off > 3 || [part.over, part.under].none?
          end
        end
      end
    end
  end

  it "marks a panel at the left jamb as its mirror at the right" do
    read = YellowTrack::Files::Commands.method(:read)
    base = YellowTrack::Practice::Drills.question("panel-width", level: 1, seed: 2, read:)
    set = YellowTrack::Plan.of(base.subject).set
    gaps = {"top" => 9r, "middle" => 9r / 2, "bottom" => 0r}
    left, right = [set.panels.first, set.panels.last].map do |panel|
      YellowTrack::Practice::PlayedBench.new(set, panel, {"gaps" => gaps}, printer: base.subject.printer)
    end
    expect(left.fewest).to eq(right.fewest.map(&:reverse))
    [[0, 3], [2, -1], [-4, 0]].each do |move|
      expect(left.left_over(move)).to be_within(1e-9).of(right.left_over(move.reverse))
      expect(left.even_after?([move])).to eq right.even_after?([move.reverse])
    end
  end

  it "counts the worst part of a question, and half for a second try" do
    marks = [mark(height.answer), mark(height.answer - 1)]
    round = YellowTrack::Practice::Round
    expect([round.points(marks), round.points(marks, second: true)]).to eq [2, 1]
    expect(round.share([3r] * 8 + [0r] * 2)).to eq 4r / 5
  end

  it "rises from easy to hard in a round of ten, the same for everybody by its number" do
    asked = YellowTrack::Practice::Round.new(%w[tightest side-gap], 12).asked
    expect(asked.map(&:level)).to eq [1, 1, 2, 2, 3, 3, 4, 4, 5, 5]
    expect(asked.map(&:drill).tally).to eq("tightest" => 5, "side-gap" => 5)
    expect(asked).to eq YellowTrack::Practice::Round.new(%w[tightest side-gap], 12).asked
    expect(asked.map(&:seed).uniq.length).to eq 10
  end

  it "brings a drill back after a day, three, a week and three, and the next day where it was weak" do
    day = Date.new(2027, 3, 1)
    due = ->(*shares) { YellowTrack::Practice::ComingBack.on(shares.map { |share| [day, share] }) }
    expect(due.call).to be_nil
    expect((1..5).map { |count| (due.call(*[1r] * count) - day).to_i }).to eq [1, 3, 7, 21, 21]
    expect((due.call(1r, 1r, 0.79r) - day).to_i).to eq 1
    expect((due.call(1r, 1r, 0.79r, 0.8r) - day).to_i).to eq 1
  end
end
