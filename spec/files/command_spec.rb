# frozen_string_literal: true

require "tempfile"
require "support/commanded"

RSpec.describe "bin/plan" do
  def run(*files, input: "") = Commanded.inside("plan", *files, input:).to_a

  def file(text)
    @files ||= []
    @files << Tempfile.new.tap { |made| made.write(text) && made.flush }
    @files.last.path
  end

  let(:good) { file(JSON.generate(document)) }
  let(:bad) { file(JSON.generate(document("survey.widths.top" => "58 9/", "set.odd" => 1))) }

  it "turns an opening file into a plan file" do
    output, errors, status = Commanded.alone("plan", good).to_a
    expect(JSON.parse(output)).to include("format" => "yellow-track/plan", "version" => 1, "family" => "bypass")
    expect([errors, status]).to eq ["", 0]
  end

  it "reads standard input" do
    output, = run(input: JSON.generate(document))
    expect(JSON.parse(output)["panels"].map { |panel| panel["width"] }).to eq [921, 921]
  end

  it "refuses a bad file with a line a fault, by key, and status 2" do
    output, errors, status = run(bad)
    expect([output, status]).to eq ["", 2]
    expect(errors.lines.map { |line| line.split(":").first }).to contain_exactly("survey.widths.top", "set.odd")
  end

  it "writes one JSON line a file for several, faulty ones among them" do
    output, _, status = run(good, bad, "/no/such/file")
    lines = output.lines.map { |line| JSON.parse(line) }
    expect(lines.map { |line| line.keys.first }).to eq %w[format faults faults]
    expect(status).to eq 2
  end

  it "tries every kit in every way when asked" do
    output, _, status = run("--choose", good)
    expect(status).to eq 0
    expect(JSON.parse(output)).to include("format" => "yellow-track/choice", "tried" => 30,
      "ranked" => have_attributes(length: be >= 9))
  end

  it "ranks what ails doors that hang badly, a faulty file among several, with bin/service" do
    files = %w[07-bifold-named 15-faults].map { |name| "#{Cases::FOLDER}/service/service-#{name}.service.json" }
    output, _, status = Commanded.alone("service", *files).to_a
    lines = output.lines.map { |line| JSON.parse(line) }
    expect(lines.first).to include("state" => "named", "causes" => include(include("key" => "swollen")))
    expect([lines.last["faults"].length, status]).to eq [7, 2]
  end

  it "plans when a crew goes where, a faulty file among several, with bin/visits" do
    files = %w[01-glue-in-a-day 10-faults].map { |name| "#{Cases::FOLDER}/visits/visits-#{name}.work.json" }
    output, _, status = Commanded.alone("visits", *files).to_a
    lines = output.lines.map { |line| JSON.parse(line) }
    expect(lines.first).to include("format" => "yellow-track/visits", "proved" => true)
    expect([lines.last["faults"].length, status]).to eq [3, 2]
  end

  it "plans who goes where and when for a whole firm, a faulty file among several, with bin/board" do
    files = %w[02-lunch-and-hours-away 08-faults].map { |name| "#{Cases::FOLDER}/board/board-#{name}.board.json" }
    output, _, status = Commanded.alone("board", *files).to_a
    lines = output.lines.map { |line| JSON.parse(line) }
    expect(lines.first).to include("format" => "yellow-track/board-plan", "proved" => true)
    expect([lines.last["faults"].length, status]).to eq [3, 2]
  end

  it "answers broken files in a sentence, never a trace" do
    ["", "{", "[]", "null", "\xFF\xFE", "[" * 200].each do |text|
      _, errors, status = run(file(text))
      expect(status).to eq 2
      expect(errors.lines.length).to eq(1), text
      expect(errors).not_to include(".rb:")
    end
  end
end
