# frozen_string_literal: true

require "tmpdir"

# Rounds, steps and answers of practice, as they are kept.
RSpec.describe YellowTrack::Store::Practice do
  around do |example|
    Dir.mktmpdir do |folder|
      @book = Template.copied(:blank, "#{folder}/book.sqlite3") { |book| book.accounts.add("Runa") }
      example.run
      @book.close
    end
  end

  let(:kept) { @book.practice }
  let(:runa) { @book.accounts.named("Runa").id }

  it "keeps steps in their order, and leaves one that another page was quicker with" do
    id = kept.begin(runa, drills: ["which-way"], seed: 7, version: 2)
    kept.step!(id, place: 2, try: 1, number: 0, step: "3,0")
    kept.step!(id, place: 2, try: 1, number: 0, step: "-9,0")
    kept.step!(id, place: 2, try: 1, number: 1, step: "0,1")
    kept.step!(id, place: 2, try: 2, number: 0, step: "1,1")
    expect(kept.steps(id).map { |one| [one.try, one.number, one.step] })
      .to eq [[1, 0, "3,0"], [1, 1, "0,1"], [2, 0, "1,1"]]
  end

  it "gives everybody one round of his own of a crew's, with its drills, seed and version" do
    odo = @book.accounts.add("Odo", role: "learner")
    set = kept.crew_round(kept.set(runa, drills: %w[tightest side-gap], seed: 9, version: 2))
    mine, his = kept.own(set, runa), kept.own(set, odo)
    expect(kept.own(set, runa)).to eq mine
    expect(kept.of_set(set.id).map { |one| [one.id, one.account_id, one.drills, one.seed, one.version] })
      .to eq [[mine, runa, %w[tightest side-gap], 9, 2], [his, odo, %w[tightest side-gap], 9, 2]]
    expect(kept.find(his, runa)).to be_nil
    expect(kept.crew_rounds(most: 1).map(&:id)).to eq [set.id]
    expect(kept.crew_round(999)).to be_nil
  end

  it "keeps an answer that was sent twice once, exact as it was" do
    id = kept.begin(runa, drills: ["tightest"], seed: 7, version: 2)
    2.times do |count|
      kept.answer!(id, place: 0, try: 1, drill: "tightest", typed: {"width" => "12 1/3"}, off: 1r / 3,
        points: count.to_r)
    end
    answer = kept.answers(id)
    expect(answer.map { |one| [one.off, one.points, one.typed] }).to eq [[1r / 3, 0r, {"width" => "12 1/3"}]]
  end
end
