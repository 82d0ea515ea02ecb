# frozen_string_literal: true

# What is played before it is answered: a panel on the bench, a door that is asked.
RSpec.describe "Practice, played" do
  read = YellowTrack::Files::Commands.method(:read)
  asked = ->(key, level, seed) { YellowTrack::Practice::Drills.question(key, level:, seed:, read:) }

  describe YellowTrack::Practice::PlayedBench do
    let(:base) { asked.call("panel-width", 1, 2) }
    let(:set) { YellowTrack::Plan.of(base.subject).set }

    def bench(gaps, at: {"left" => 0r, "right" => 0r}, panel: set.panels.last)
      described_class.new(set, panel, {"gaps" => %w[top middle bottom].zip(gaps.map(&:to_r)).to_h, "at" => at},
        printer: base.subject.printer)
    end

    it "has the gaps read again after each move, and the hangers where they were turned to" do
      made = bench([8, 4, 0])
      first = made.after([[0, -4]])
      expect(first.read["at"]).to eq("left" => 0r, "right" => -5r / 4)
      expect(first.read["gaps"].values.min).to eq 0
      expect(first.read["gaps"]["top"]).to be < 8
      expect(made.after([[0, -4], [0, 4]]).read["gaps"].transform_values { |mm| mm.round(6) })
        .to eq("top" => 8, "middle" => 4, "bottom" => 0)
    end

    it "evens in one move where a hanger reaches, in none where it is even, and says where one cannot" do
      expect(bench([8, 4, 0]).fewest.length).to eq 1
      expect(bench([1, 0.5, 0]).fewest).to eq []
      expect(bench([90, 45, 0]).fewest).to be_nil
      expect(bench([0, 6, 0]).fewest).to be_nil
    end

    it "goes no farther than the hangers do, and is over once even or after four moves" do
      made = bench([8, 4, 0], at: {"left" => 0r, "right" => 5r})
      expect(made.within([0, 40])).to eq [0, 3]
      expect(made.over?([[0, 1]])).to be false
      expect(made.over?([[0, 1], [0, -1], [0, 1], [0, -1]])).to be true
      expect(made.over?(bench([8, 4, 0]).fewest)).to be true
    end

    it "is a move file that says the same" do
      made = bench([8, 4, 0])
      slider = YellowTrack::Files::MoveFile.move(JSON.parse(JSON.generate(made.document)))
      expect(slider.taper).to eq made.answer([]).taper
      expect(slider.which).to eq made.answer([]).which
    end
  end

  describe YellowTrack::Practice::PlayedDoor do
    let(:question) { asked.call("what-ails", 3, 3) }
    let(:door) { question.play }

    it "is asked as the knowledge base would, until its cause is named" do
      named = door.after(door.best)
      expect([named.named?, named.first.cause.key]).to eq [true, question.parts.first.answer.cause]
      door.best.each_index do |count|
        expect(door.after(door.best.first(count)).next.finding.key).to eq door.best[count]
      end
    end

    it "costs the minutes of what was asked, whatever the order" do
      keys = door.askable([]).map(&:key).first(3)
      expect(door.minutes(keys)).to be_within(1e-9).of(door.minutes(keys.reverse))
      expect(door.minutes([])).to eq 0
      expect(door.best_minutes).to eq door.minutes(door.best)
      expect(door.askable(keys).map(&:key)).not_to include(*keys)
    end

    it "answers what its file says, and hides its cause behind a likelier one" do
      expect(door.answers.slice(*door.best)).to eq question.document["findings"]
      expect(door.likeliest).not_to eq question.parts.first.answer.cause
    end
  end
end
