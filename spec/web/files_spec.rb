# frozen_string_literal: true

RSpec.describe "Files in and out" do
  include Site

  # Chooses a file on the job's page and reads it in.
  def read_in(text, name: "robe.opening.json")
    upload = Rack::Test::UploadedFile.new(StringIO.new(text), "application/json", original_filename: name)
    send_form("/jobs/1/file", {"file" => upload})
  end

  it "gives the opening as a file that reads back in as the same opening" do
    row = hang("survey.widths.top" => "1 808 mm")
    look("/openings/#{row.id}/opening.json")
    expect(last_response["content-disposition"]).to include("osier-weir-a.opening.json")
    read_in(last_response.body)
    expect(last_response.status).to eq 303
    expect(book.openings.of(1).map { |found| found.document.to_h }.uniq.length).to eq 1
  end

  it "gives the plan, the same as bin/plan's" do
    row = hang
    look("/openings/#{row.id}/plan.json")
    expect(JSON.parse(last_response.body)).to eq JSON.parse(JSON.generate(plan.to_h))
  end

  it "gives every drawing as a picture of its own" do
    row = hang
    %w[set sections shape].each do |name|
      look("/openings/#{row.id}/#{name}.svg")
      expect(last_response["content-type"]).to include("image/svg+xml")
      expect(Nokogiri::XML(last_response.body).errors).to eq []
      expect(last_response.body).to include("<style>").and include("<desc")
    end
  end

  it "says all that is wrong with a file, by key, and hangs nothing" do
    hang
    {JSON.generate(document("set.odd" => 1,
      "survey.depth" => "x")) => /survey.depth: "x" is not a length.*set.odd: no such key/m,
     "{" => /is no JSON/, "[]" => /the document: \[\] is none. A JSON object is wanted/, "\xFF" => /is no JSON/}
      .each do |text, words|
      read_in(text)
      expect(last_response.status).to eq 422
      expect(page.at_css("#file-says").text).to match(words)
    end
    send_form("/jobs/1/file", {})
    expect(page.at_css("#file-says").text).to include("No file was chosen")
    expect(book.openings.of(1).length).to eq 1
  end

  it "has no plan and no front to give before the readings are in" do
    row = hang("survey.widths.top" => nil)
    look("/openings/#{row.id}/set.svg")
    expect(last_response.status).to eq 404
    look("/openings/#{row.id}/plan.json")
    expect([last_response.status, JSON.parse(last_response.body)["faults"]])
      .to match [422, [/survey\.widths\.top: not read yet/]]
    look("/openings/#{row.id}/opening.json")
    expect(last_response).to be_ok
  end

  it "says of a set that cannot be what bin/plan says, on its page and in its plan file" do
    row = hang("set.height" => 2100, "set.slab" => {"width" => 930, "height" => 2200})
    look("/openings/#{row.id}/plan.json")
    expect(JSON.parse(last_response.body)["faults"].join).to include("set.height", "set.slab.height")
    look("/openings/#{row.id}/size")
    expect(page.css(".tally .check-stop").text).to match(/ready-made height.*2\p{Space}100.*slab height/m)
    expect(page.text).not_to include("Numbers come when the readings are in")
  end

  it "gives a plan that ended at its sizing, with what it says" do
    row = hang("set.packing" => {"left" => 900, "right" => 880})
    look("/openings/#{row.id}/plan.json")
    expect(JSON.parse(last_response.body)["checks"].map { |check| check["code"] }).to include("size.none")
    look("/openings/#{row.id}/size")
    expect(page.css(".check-stop").text).to include("packing at the left")
  end
end
