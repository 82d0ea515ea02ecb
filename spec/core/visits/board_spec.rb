# frozen_string_literal: true

require "support/share"

RSpec.describe YellowTrack::Board do
  let(:random) { Random.new(RSpec.configuration.seed) }

  # As its file has it, read back.
  def told(board) = JSON.parse(JSON.generate(board.to_h))

  def checks(plan)
    plan["checks"].reject { |one| one["code"] == "board.bound" }
      .map { |one| one.values_at("code", "level", "date", "job", "crew") }
  end

  def model_of(document) = YellowTrack::Files::BoardFile.new(document).model

  Dir["#{Cases::FOLDER}/board/*.board.json"].sort.each do |file|
    given, worked = [file, file.sub(".board.", ".board-plan.")].map { |path| JSON.parse(File.read(path)) }
    name = File.basename(file, ".board.json")

    if worked["faults"]
      it "names what is at fault in #{name}" do
        expect { YellowTrack::Files::BoardFile.board(given) }.to raise_error(YellowTrack::Faults) { |faults|
          expect(faults.list.map(&:key)).to match_array(worked["faults"].map { |line| line[/\A[\w.-]+/] })
        }
      end
      next
    end

    it "is as good as #{name}, and can be worked" do
      made = told(YellowTrack::Files::BoardFile.board(given, patience: YellowTrack::Visits::Patience.new(1)))
      expect(made["proved"]).to eq worked["proved"]
      next expect(made["best"]["broken"]).to eq 0 unless worked["proved"]

      expect(made.values_at("best", "bound")).to eq worked.values_at("best", "bound")
      expect(made["visits"].map { |visit| visit["date"] }).to eq(worked["visits"].map { |visit| visit["date"] })
    end

    it "says of the worked plan of #{name} what follows from it" do
      model = model_of(given)
      rows = described_class::Was.new(worked, model.calendar).rows(model)
      was = given["was"] && described_class::Was.new(given["was"], model.calendar)
      made = told(described_class.new(name: given["name"], model:, was:, rows:))
      expect(made.except("checks", "proved", "bound")).to eq worked.except("checks", "proved", "bound")
      expect(checks(made)).to match_array checks(worked)
      expect(made["bound"]).to eq worked["bound"] unless worked["proved"]
    end
  end

  it "finds what trying every row finds, of a few steps" do
    tried = 0
    Share.count(24).times do
      document = Boards.any(random, random.rand(2..4))
      model = model_of(document)
      board = YellowTrack::Files::BoardFile.board(document)
      best = Boards.exhausted(model, described_class::Value.new(model)) or next
      tried += 1
      expect(board.value).to eq(best), JSON.generate(document)
    end
    expect(tried).to be > 2
  end

  it "can be worked, however many steps, and never comes under its bound" do
    [3, 8, 10, 20, 60].each do |count|
      document = Boards.any(random, count, jobs: [count / 4, 1].max)
      board = YellowTrack::Files::BoardFile.board(document, patience: YellowTrack::Visits::Patience.new(0.2))
      expect(Boards.broken(document, told(board))).to eq([]), JSON.generate(document)
      least = described_class::Bound.new(board.model).least
      expect(least.zip(board.value.values_at(0, 2, 3))).to all(satisfy { |bound, value| bound <= value })
    end
  end

  it "plans again from the plan that stands: told visits move last and are told, what is gone is cancelled" do
    ill = JSON.parse(File.read("#{Cases::FOLDER}/board/board-06-crew-ill.board.json"))
    plan = told(YellowTrack::Files::BoardFile.board(ill))
    expect(plan["moved"].map { |one| one["job"] }).to eq %w[alder-mill]
    expect(plan["tell"].map { |one| one.values_at("job", "was") }).to eq [%w[alder-mill 2027-09-06]]
    expect(plan["visits"].map { |visit| visit["sequence"] }.max).to be >= 1
    expect(checks(plan).map(&:first)).to include("board.told", "board.slip")
  end
end
