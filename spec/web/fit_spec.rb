# frozen_string_literal: true

# One thing fitted to doors that hang already.
RSpec.describe "Fitting one thing" do
  include Served

  def typed(key, value) = say("service.fit.#{key}", value, stage: "fit")

  it "asks for a few readings, no survey, and says where, in what order, and what is in the way" do
    look("/openings/#{id}/look")
    look(page.at_css("a[href$='/fit']")["href"])
    expect(page.text).to include("Nothing is chosen yet.")
    typed("what", "soft_close")
    look("/openings/#{id}/fit")
    expect(plain(page.at_css(".next").text)).to include("Measure it: panel's width.")
    {"width" => "900", "at" => "0", "travel" => "880", "rail" => "1800", "body" => "330"}.each { |one| typed(*one) }
    typed("holes", "100; 459")
    look("/openings/#{id}/fit")
    expect(page.css(".row-figure").map { |figure| plain(figure.text).strip }.first).to eq "450.0 mm"
    expect(plain(page.css(".check-stop").text)).to include("The rail's screw at 459 mm is 9 mm from the closing damper")
    expect(plain(page.css(".fit-steps").text)).to include("Cock both dampers before the first close.")
      .and include("strong spring")
    typed("holes", "100")
    look("/openings/#{id}/fit")
    expect(page.css(".check-stop")).to be_empty
    expect(plain(page.at_css(".next").text)).to include("Mark it, then fit it in this order.")
  end

  it "keeps what cannot be read in its place, and takes the other unit" do
    typed("what", "pull")
    typed("width", "wide")
    typed("gap", "3/8 in")
    look("/openings/#{id}/fit")
    expect(plain(page.text)).to include("\"wide\" is not a length")
    expect(service["fit.gap"]).to eq 9.525r
    typed("width", "900")
    look("/openings/#{id}/fit")
    expect(plain(page.css(".row-number").text)).to include("Above the panel's foot").and include("970.5")
  end
end
