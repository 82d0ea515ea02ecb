# frozen_string_literal: true

# A reading is taken a second time, and what the set has to spare is said.
RSpec.describe "Once more" do
  include Site

  let(:row) { hang(**@changes.to_h) }

  def kept = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))

  def again(key, value)
    sent = {"key" => key, "value" => value, "seen" => kept.version.to_s}
    send_form("/openings/#{row.id}/once-more", sent, htmx: true)
  end

  def asked
    look("/openings/#{row.id}/measure")
    look(page.at_css("#once-more")["hx-get"])
    page.css(".once-more form").to_h { |form| [form.at_css("[name=key]")["value"], form] }
  end

  it "asks for what is named, with what a slip would do, without what was read" do
    forms = asked
    expect(forms.keys).to eq kept.sure.named.map(&:key)
    said = forms.values.map { |form| plain(form.text) }
    expect(said).to all match(/\d+ mm (more|less), and: \S.*show(s it| it from \d+ mm on)\./)
    expect(forms.values.flat_map { |form| form.css("input.form-control").map { |one| one["value"] } }.join).to eq ""
  end

  it "marks a reading sure that says the same within the grain, keeps when, and asks for the next" do
    key = asked.keys.grep_v(/tape/).first
    first = kept.survey[key.delete_prefix("survey.")]
    again(key, (first + 1).to_i.to_s)
    expect(page.text).to include("the same. Sure.")
    expect(kept.document["survey.twice"]).to eq [key]
    expect(kept.survey[key.delete_prefix("survey.")]).to eq first
    expect(asked.keys).not_to include(key)
    expect(book.log.latest(book.openings.find(row.id)))
      .to have_attributes(key: "survey.twice", after: [key], who: Site::FITTER)
    look("/openings/#{row.id}/log")
    expect(page.css(".log-says").map(&:text)).to include("the height at the left jamb: taken twice, the same")
  end

  it "takes a second reading that differs for the reading, tells the first, and drops it once it is changed" do
    key = asked.keys.grep_v(/tape/).first
    first = kept.document[key]
    again(key, (kept.survey[key.delete_prefix("survey.")] + 4).to_i.to_s)
    expect(plain(page.text)).to match(/it was 2 ?243 mm before. The second stands/)
    expect(page.at_css("[id^=field-][hx-swap-oob]")).not_to be_nil
    expect([kept.document["survey.twice"], kept.document[key]]).to eq [nil, (first.to_i + 4).to_s]
    look("/openings/#{row.id}/log?only=readings")
    expect(plain(page.css(".log-says").text)).to match(/taken twice: 2 ?243 mm, then 2 ?247 mm/)
    look("/jobs/#{row.job_id}/built")
    expect(plain(page.text)).to include("The tape here. 1 reading taken twice, at the most 4 mm apart")
  end

  it "is no longer sure of a reading that is changed, nor of the tape; an unlike one stays" do
    book.openings.change(row.id, "survey.twice", %w[survey.tape survey.heights.middle survey.depth survey.floor.1],
      seen: row.version, listing: YellowTrack::Desk::Listing.of(book))
    type(book.openings.find(row.id), "survey.heights.middle", "2235")
    expect(kept.document["survey.twice"]).to eq %w[survey.depth survey.floor.1]
    expect(book.log.latest(book.openings.find(row.id)).key).to eq "survey.heights.middle"
    item = book.openings.find(row.id).document.item_keys("survey.floor").first
    type(book.openings.find(row.id), item, ["0", "1"])
    expect(kept.document["survey.twice"]).to eq %w[survey.depth]
  end

  it "says what to do where two tapes differ, and marks nothing sure" do
    again("survey.tape", "other")
    expect(page.text).to include("one tape is wrong").and include("steel rule")
    expect(kept.document["survey.twice"]).to be_nil
  end

  it "takes another tape's word, and says what is none" do
    again("survey.tape", "same")
    expect(kept.document["survey.twice"]).to eq %w[survey.tape]
    again("survey.tape", "2")
    expect(page.text).to include("say whether the other tape reads the same")
    again("survey.widths.top", "a hand's breadth")
    expect(page.text).to match(/hand's breadth/)
    again("survey.colour", "3")
    expect(page.text).to include("is no reading that was taken here")
    expect(kept.document["survey.twice"]).to eq %w[survey.tape]
  end

  it "marks nothing sure that somebody changed since it was asked for, a floor station no more than a width" do
    seen = row.version.to_s
    station = row.document.item_keys("survey.floor")[1]
    type(kept.row, "survey.heights.middle", "2236")
    type(kept.row, station, ["900", "7"])
    {"survey.heights.middle" => "2236", "survey.floor.1" => "7"}.each do |key, value|
      send_form("/openings/#{row.id}/once-more", {"key" => key, "value" => value, "seen" => seen}, htmx: true)
      expect(page.text).to include("changed meanwhile")
    end
    expect(kept.document["survey.twice"]).to be_nil
  end

  it "takes a floor station's rise by its place" do
    again("survey.floor.1", kept.survey["floor"][1].last.to_i.to_s)
    expect(kept.document["survey.twice"]).to eq %w[survey.floor.1]
    again("survey.floor.1", "-9")
    expect(kept.survey["floor"][1].last).to eq(-9)
    expect(kept.document["survey.twice"]).to be_nil
  end

  it "offers the reading that would show a slip in most of those, and then they are fewer" do
    @changes = {"survey.leans" => nil, "survey.diagonals.falling" => nil}
    before = kept.sure.twice.map(&:key)
    asked
    look(page.at_css(".once-more details > div")["hx-get"])
    line = plain(page.text)
    offer = YellowTrack::Sure::OneMore.new(kept.sure, kept.opening).best
    expect(line).to include("Or read the falling diagonal: then #{offer.sees} of 7 that nothing watches")
    expect([offer.sees.positive?, before.length]).to eq [true, 7]
    more = kept.opening.survey.with(offer.key, taken(offer.key))
    after = YellowTrack::Sure.new(kept.opening.surveyed(more)).twice.map(&:key)
    expect((before - after).length).to eq offer.sees
  end

  # A reading as the shape has it.
  def taken(key)
    value = kept.closure.untaken.to_h.fetch(key)
    value.is_a?(Array) ? value.map { |place| place.map(&:to_r) } : value.to_r
  end

  it "says on Size what there is to spare, and draws every reading that a slip of would spoil" do
    look("/openings/#{row.id}/size")
    look(page.at_css("#spare")["hx-get"])
    least = kept.sure.spare.to_i
    expect(plain(page.text)).to match(/To spare.*#{least} mm, by the .*spoils it, (seen from|and no other)/)
    expect(page.css("svg .marked").length).to eq kept.sure.rows.sum { |one| [one.more, one.less].count(&:spoils) }
  end

  it "tells it at the saw before the first cut of the opening, and no longer" do
    cut = "/openings/#{row.id}/cut"
    look(cut)
    look(page.at_css("#first-cut")["hx-get"])
    expect(page.text).to include("Before the first cut of A, once more: Height at the left jamb")
    look(cut)
    form = page.at_css(".piece-form")
    send_form(form["action"], form.css("input").to_h { |one| [one["name"], one["value"]] }.except("once"))
    look(cut)
    expect(page.at_css("#first-cut")).to be_nil
  end

  it "says on Choose what each way that goes in has to spare, and of the set in mind just what Size says" do
    @changes = {"survey.above" => 400, "survey.beside" => {"left" => 900, "right" => 900}, "survey.front" => 1500,
                "survey.head" => {"of" => "timber"}, "survey.wall" => {"projection" => 18, "solid" => true}}
    look("/openings/#{row.id}/choose")
    asked = page.css(".way-now [hx-get]").map { |one| one["hx-get"] }
    expect(asked.length).to eq page.css(".way-now").length
    look(asked[page.css(".way-now").find_index { |one| one["class"].include?("way-mine") }])
    expect(plain(page.text)).to include("#{kept.sure.spare.to_i} mm").and include("to spare")
    look("/openings/#{row.id}/spare?way=none")
    expect(page.text.strip).to eq ""
  end

  it "says that the readings come first where they do not agree, and what is to be cleared" do
    @changes = {"survey.heights.left" => 2260}
    look("/openings/#{row.id}/spare")
    expect(page.text).to include("The readings come first")
    other = hang("set.thickness" => 70)
    look("/openings/#{other.id}/spare")
    expect(page.text).to include("Clear what stops it first")
  end

  it "asks nothing while readings are missing" do
    bare = hang("survey.widths.top" => nil)
    look("/openings/#{bare.id}/once-more")
    expect(last_response.body.strip).to eq ""
  end
end
