# frozen_string_literal: true

# Answers that are no lengths: each kind by its own grades (handbook 12).
RSpec.describe YellowTrack::Practice::Mark do
  read = YellowTrack::Files::Commands.method(:read)
  asked = ->(key, level, seed) { YellowTrack::Practice::Drills.question(key, level:, seed:, read:) }

  def mark(question, given, part: question.parts.first) = described_class.of(part, given, question)

  describe "layers" do
    question = asked.call("build-up", 2, 3)
    built = YellowTrack::Prepare::BuildUp.new(32r)
    part = question.parts.first.dup.tap { |one| one.answer, one.stands_on = built.layers, built }

    {[25, 1, 6] => :exact, [1, 25, 6] => :exact, [12, 2, 18] => :good, [9, 2, 3, 18] => :usable, [25, 6] => :usable,
     [18, 9] => :wrong, [25, 9] => :wrong, [25, 6, 1] => :wrong}.each do |layers, grade|
      it "are #{grade} as #{layers.join(" + ")} for 32" do
        expect(mark(question, layers.map(&:to_r), part:).grade).to eq grade
      end
    end

    it "name what is seen of them: over the target, raw outside, one too many" do
      {[25, 9] => /over the target/, [25, 6, 1] => /too thin to take paint/, [9, 2, 3, 18] => /one layer too many/}
        .each { |layers, says| expect(mark(question, layers.map(&:to_r), part:).slip.words).to match says }
      expect(mark(question, [25r, 9r], part:).site).to include("planed")
    end
  end

  it "marks bars by what does not go in, what costs more, and what leaves less" do
    question = asked.call("cut-from", 3, 3)
    rack = question.parts.first.stands_on
    dearer = question.parts.first.slips.find { |slip| slip.words.include?("rack") }.value
    too_long = question.parts.first.slips.find { |slip| slip.words.include?("kerf") }.value
    expect([rack.best, dearer, too_long].map { |given| mark(question, given).grade }).to eq %i[exact usable wrong]
    expect(mark(question, too_long).told_off).to be_between(1, 3 * rack.kerf)
    expect(mark(question, dearer).told_off).to be_nil
  end

  describe "moves on the bench" do
    question = asked.call("which-way", 2, 3)
    left, right = question.parts.first.answer.first
    wrong_way = [-left, -right]

    it "are exact in the fewest, good in one more, usable in two more, wrong while the gaps are uneven" do
      back = [2 * left, 2 * right]
      one, rest = [left, right].map { |count| count <=> 0 }, [left - (left <=> 0), right - (right <=> 0)]
      expect(mark(question, [[left, right]]).grade).to eq :exact
      expect(mark(question, [wrong_way, back]).grade).to eq :good
      expect(mark(question, [wrong_way, [3 * left, 3 * right], wrong_way]).grade).to eq :usable
      expect([mark(question, [one, rest]).grade, mark(question, [wrong_way]).grade]).to eq %i[good wrong]
      expect(mark(question, []).grade).to eq :wrong
    end

    it "name the slip of the first, and say what it left" do
      made = mark(question, [wrong_way, [2 * left, 2 * right]])
      expect(made.slip.words).to eq "wrong way"
      expect(made.off.abs).to be > question.play.answer([]).taper.abs
    end

    it "are none where the gaps are even, and turning them is usable at most" do
      even = (0..40).map { |seed| asked.call("which-way", 5, seed) }.find { |one| one.parts.first.answer.empty? }
      expect(mark(even, []).grade).to eq :exact
      expect(mark(even, [[1, 0], [-1, 0]]).grade).to eq :usable
    end
  end

  it "marks a cause by the minutes that it took against the knowledge base's" do
    question = asked.call("what-ails", 4, 3)
    door, best = question.play, question.parts.first.answer
    others = door.askable(best.asked).map(&:key)
    said = ->(keys, cause = best.cause) { YellowTrack::Practice::CauseMark::Said.new(keys, cause) }
    grades = (0..others.length).map { |count| mark(question, said.call(best.asked + others.first(count))).grade }
    expect(grades.first).to eq :exact
    expect(grades.uniq).to eq %i[exact good usable]
    expect(mark(question, said.call(best.asked, door.likeliest)).grade).to eq :wrong
    expect(mark(question, said.call([], door.likeliest)).slip.words).to include("before it was asked")
  end

  it "says that a door came off too early, where the knowledge base left it hanging" do
    question = (0..60).map { |seed| asked.call("what-ails", 3, seed) }.find do |one|
      one.play.askable([]).any?(&:door_off?) && !one.play.early?(one.play.best)
    end
    off = question.play.askable([]).find(&:door_off?).key
    given = YellowTrack::Practice::CauseMark::Said.new([off, *question.play.best - [off]],
      question.parts.first.answer.cause)
    expect(mark(question, given).slip.words).to eq "the door came off too early"
  end
end
