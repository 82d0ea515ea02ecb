# frozen_string_literal: true

RSpec.describe "Kits of the fitter's own" do
  include Site

  def copy(id, **changes)
    look("/kits/#{id}/copy")
    typed = page.css(".kit-form input[name^=kit]").to_h { |input| [input["name"][/\[(.+)\]/, 1], input["value"]] }
    send_form("/kits/#{id}/copy", {"kit" => typed.merge(changes.transform_keys(&:to_s))})
  end

  it "copies every sheet that ships into one that its schema lets through" do
    YellowTrack::Files::Shelf.kits.each_key do |id|
      copy(id)
      expect(last_response.status).to eq 303
      own = YellowTrack::Files::Shelf.kit(book.own_kits.sheet("own-#{id}")).to_h
      expect(own.except("id", "name")).to eq YellowTrack::Files::Shelf.kits.fetch(id).to_h.except("id", "name")
    end
    look("/kits")
    expect(page.text).to include("Your own").and include("Twin lane 42 (own)")
  end

  it "changes a copy, and an opening takes it whole" do
    copy("twin-42", "id" => "mine", "drop" => "44,5")
    row = hang
    type(row, "set.kit", "mine", stage: "size")
    expect(saved(row, "set.kit")).to include("id" => "mine", "drop" => 44.5)
    look("/openings/#{row.id}/size")
    expect(page.at_css("#set-kit option[selected]")["value"]).to eq "mine"
    expect(page.at_css("#numbers-panels").text).to include("44.5")
  end

  it "says all that is wrong with a sheet, keeps what was typed, and saves nothing" do
    copy("twin-42", "drop" => "x", "weight.counts" => "door", "tallest" => "")
    expect(last_response.status).to eq 422
    expect(page.at_css(".says").text).to include('drop: "x" is not a length').and include("weight.counts")
      .and include("tallest: missing")
    expect(page.at_css("#kit-drop")["value"]).to eq "x"
    copy("twin-42", "id" => "twin-42")
    expect(page.at_css(".says").text).to include("is the id of a kit that ships")
    expect(book.own_kits.all).to eq({})
  end

  it "reads a sheet in from a file, and says what is wrong with one that is none" do
    sheet = JSON.generate(YellowTrack::Numbers.rounded(YellowTrack::Files::Shelf.kits.fetch("bar-3").to_h)
      .merge("id" => "loft-bar"))
    {sheet => 303, "{" => 422, "[]" => 422}.each do |text, answer|
      upload = Rack::Test::UploadedFile.new(StringIO.new(text), "application/json", original_filename: "bar.json")
      send_form("/kits/file", {"file" => upload})
      expect(last_response.status).to eq answer
    end
    expect(book.own_kits.all.keys).to eq ["loft-bar"]
  end
end
