# frozen_string_literal: true

# Doors handed over, and looked back at (handbook 10).
RSpec.describe "Handing over" do
  include Site

  let!(:row) do
    hang("hung.A.gaps" => {"top" => "1", "middle" => "1", "bottom" => "1.5"},
      "hung.B.gaps" => {"top" => "0.5", "middle" => "0.5", "bottom" => "1"})
  end
  let(:path) { "/openings/#{row.id}/hand-over" }

  def now = book.openings.find(row.id)

  def last = YellowTrack::Desk::HandingOver.new(YellowTrack::Desk::KeptOpening.new(book, now)).last

  def over(**typed) = send_form(path, {"seen" => now.version.to_s, **typed.transform_keys(&:to_s)})

  it "shows what is fitted, its gaps, its care, and what is still to be minded" do
    look(path)
    expect(plain(page.text)).to include("Twin lane 42: 2 ×").and include("Wipe with a dry or damp cloth")
      .and include("Hand it over").and include("Children and pets")
    expect(page.css(".handing table td").map(&:text)).to include("1.5")
  end

  it "writes down names, the day to look back, drawn lines; the first page has it when it is due" do
    over(fitter: "Odo", customer: "Runa", line_fitter: "M10 20 L30 40 L50 20", look_back: (Date.today + 3).iso8601)
    expect(last.after).to include("names" => {"fitter" => "Odo", "customer" => "Runa"},
      "signatures" => {"fitter" => "M10 20 L30 40 L50 20"}, "look_back" => (Date.today + 3).iso8601)
    expect(now.stage).to eq "hand-over"
    look("#{path}/fitter.svg")
    expect(last_response.body).to include("<path d=\"M10 20 L30 40 L50 20\"")
    look("/")
    expect(plain(page.text)).to include("look back: read the gaps again").and include("Bunk room")
    look("/openings/#{row.id}/log")
    expect(plain(page.text)).to include("Handed over, to look back on")
  end

  it "looks back in six weeks, in two where heating has just gone on, and refuses days that are none" do
    over(fresh: "1", look_back: "")
    expect(last.after["look_back"]).to eq (Date.today + 14).iso8601
    over(look_back: "", anew: "Another name was missing.")
    expect(last.after["look_back"]).to eq (Date.today + 42).iso8601
    over(look_back: "2027-02-30", fitter: "Odo")
    expect(last_response.status).to eq 422
    expect(page.text).to include("\"2027-02-30\" is no day")
    expect(page.at_css("#sign-fitter")["value"]).to eq "Odo"
    over(look_back: (Date.today - 1).iso8601)
    expect(page.text).to include("is gone")
  end

  it "takes no line but one that was drawn" do
    over(line_fitter: "M0 0\"/><script>", line_customer: "M1 1")
    expect(last.after["signatures"]).to eq("customer" => "M1 1")
  end

  it "wants a reason where gaps are not settled, and says it" do
    type(row, "hung.B.gaps.bottom", "9", stage: "adjust", seen: now.version)
    over
    expect(last_response.status).to eq 422
    expect(plain(page.text)).to include("Gaps are not settled. Settle them, or say why")
    over(reason: "The floor is laid on Monday.")
    expect(last.after["reason"]).to eq "The floor is laid on Monday."
  end

  it "is handed over anew for a reason alone, and not over another that was not seen" do
    over(customer: "the house")
    over
    expect([last_response.status, plain(page.text)]).to match [422, /Say why it is handed over anew/]
    first = last.id.to_s
    over(anew: "The name was another.", was: {"handed" => first})
    expect(last.after["anew"]).to eq "The name was another."
    over(anew: "Once more.", was: {"handed" => first})
    expect([last_response.status, plain(page.text)]).to match [409, /handed over on another screen meanwhile/]
    expect(last.after["anew"]).to eq "The name was another."
  end

  it "hands nothing over that was changed since it was looked at" do
    seen = now.version
    type(row, "set.gap", "9", stage: "size", seen:)
    send_form(path, {"seen" => seen.to_s, "fitter" => "Odo"})
    expect(last_response.status).to eq 409
    expect(page.text).to include("changed on another screen")
    expect(page.at_css("#sign-fitter")["value"]).to eq "Odo"
    expect(last).to be_nil
  end

  it "sets a look back beside it, tells more than a millimetre with its likely reason, and is no longer due" do
    over
    send_form("/openings/#{row.id}/look-back", {"look_A_top" => "1", "look_A_bottom" => "4", "look_B_top" => "0.5"})
    look(path)
    row_of = page.css("tr").find { |one| plain(one.text).strip.start_with?("A bottom") }
    expect(row_of.css("td").map { |one| plain(one.text).strip }).to eq ["1.5", "4", "watch +2.5"]
    expect(plain(page.text)).to include("timber that dried")
    expect(book.dues.of("look-back")).to eq []
    send_form("/openings/#{row.id}/look-back", {"look_A_top" => "abc"})
    expect(last_response.status).to eq 422
    expect(page.at_css("#look-A-top")["value"]).to eq "abc"
    send_form("/openings/#{row.id}/look-back", {})
    expect(page.text).to include("No gap was read")
  end

  it "is one sheet of A4, in the job's own unit, with pictures before and after" do
    pictured(row.id, "before")
    pictured(row.id, "after", kind: "webp", colour: "white")
    over(fitter: "Odo", line_fitter: "M10 20 L30 40 L50 20")
    look("/openings/#{row.id}/hand-over.pdf")
    paper = last_response.body.b
    expect(paper).to start_with("%PDF")
    expect(paper.scan(%r{/Count (\d+)})).to eq [["1"]]
    expect(paper.scan("/Subtype /Image").length).to eq 2
    expect(paper).to match(/ m\n[\d.]+ [\d.]+ l\nS\n[\d.]+ [\d.]+ m\n[\d.]+ [\d.]+ l\nS/n) # the drawn name
    get("#{path}/sheet", {}, "HTTP_HOST" => Site::HOST)
    look("#{path}?unit=other")
    look("#{path}/sheet")
    expect(page.css(".hand-over-sheet td").map(&:text)).to include("1.5")
    expect(page.text).to include("for the house").and include("Gaps, mm")
  end

  it "says how much is too long, and hands nothing over" do
    over(reason: "x" * 3_000)
    expect([last_response.status, page.text]).to match [422, /3000 characters are too many/]
    expect(last).to be_nil
  end

  it "is done on the rail once it is handed over, and is the stage that is come to" do
    over
    look("/openings/#{row.id}")
    expect(last_response["location"]).to end_with("/hand-over")
    look(path)
    expect(page.at_css(".rail li.current .done")).not_to be_nil
  end

  it "hands over every way of hanging" do
    Kinds::ALL.each_key do |kind|
      made = document_of(kind, Random.new(3)).merge("name" => kind)
      opening = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(made)).set
      made["hung"] = opening.needed_readings.to_h { |one|
        [one.name, {"gaps" => one.gap_names.to_h { |gap|
          [gap, "2"]
        }}]
      }
      added = book.openings.add(job_id: row.job_id, document: YellowTrack::Store::Document.new(made))
      send_form("/openings/#{added.id}/hand-over", {"seen" => "1", "reason" => "as it is"})
      expect(last_response.status).to eq(303), kind
      look("/openings/#{added.id}/hand-over.pdf")
      expect(last_response).to be_ok, kind
    end
  end
end
