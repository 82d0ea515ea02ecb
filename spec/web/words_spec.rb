# frozen_string_literal: true

RSpec.describe "Words of the trade" do
  include Site

  it "stand on a page, one by itself, and as what a page's script looks for" do
    look("/words")
    expect(page.css(".words dt").map(&:text)).to eq YellowTrack::Files::Words.all.map(&:word)
    look("/words/kerf")
    expect(last_response["location"]).to end_with "/words#kerf"
    get "/words/kerf", {}, {"HTTP_HOST" => Site::HOST, "HTTP_HX_REQUEST" => "true"}
    expect(page.at_css("dd").text).to eq "What the saw takes at every cut."
    look("/words/nothing")
    expect(last_response.status).to eq 404
    look("/words.json")
    expect(JSON.parse(last_response.body)).to include("laps" => "lap", "half jamb" => "half-jamb")
  end
end
