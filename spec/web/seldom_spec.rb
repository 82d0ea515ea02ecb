# frozen_string_literal: true

require "open3"

# What is seldom come to in a day's work: pictures and signatures on the sheet that is handed over, a cure taken by its
# press, a factor taken off, words that are too long.
RSpec.describe "What is seldom come to" do
  include Site

  def kept(row) = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))

  it "the sheet that is handed over has pictures of any kind, before and after, and drawn names" do
    row = hang
    {"before" => %w[png gray], "after" => %w[webp white]}.each do |caption, (kind, colour)|
      data, = Open3.capture2("convert", "-size", "8x6", "xc:#{colour}", "#{kind}:-", binmode: true)
      picture = YellowTrack::Store::Pictures::Picture.new(type: "image/#{kind}", width: 8, height: 6, data:,
        thumb: data)
      book.pictures.add(book.openings.find(row.id), picture, caption:)
    end
    send_form("/openings/#{row.id}/hand-over", {"seen" => "1", "reason" => "as it is", "fitter" => "Odo",
      "line_fitter" => "M10 20 L30 40 L50 20"})
    look("/openings/#{row.id}/hand-over.pdf")
    expect(last_response.body).to start_with("%PDF")
    expect(last_response.body.scan("/Subtype /Image").length).to eq 2
    expect(last_response.body.b).to match(/ m\n[\d.]+ [\d.]+ l\nS\n[\d.]+ [\d.]+ m\n[\d.]+ [\d.]+ l\nS/n)
  end

  it "a cure is taken by one press, is logged, and goes on to its field" do
    row = hang("set.gap" => 4)
    look("/openings/#{row.id}/size")
    form = page.at_css("form[action$='/cures']")
    send_form(form["action"], form.css("[name]").to_h { |one| [one["name"], one["value"]] }.except("once"))
    expect(last_response["location"]).to match(%r{/openings/#{row.id}/size#\S*set-gap\z})
    expect(kept(row).checks.map(&:code)).not_to include("bypass.gap.least")
    expect(book.log.of(row.id).last).to have_attributes(key: "set.gap", who: Site::FITTER)
    send_form(form["action"], {"code" => "bypass.gap.least", "seen" => "1", "stage" => "size"})
    expect([last_response.status, page.text]).to match [422, /nothing to cure so any more/]
  end

  it "a crew is away for hours of a day, in words, and somebody's second factor is taken off" do
    crew = book.crews.add("South")
    send_form("/crew/away", {"of" => crew.id.to_s, "away_on" => "2027-03-02", "hours" => "9:30-12", "why" => "dentist"})
    look("/crew")
    expect(plain(page.text)).to include("9:30 to 12:00, dentist")
    odo = book.accounts.add("Odo", role: "learner")
    send_form("/crew/#{odo}/one-factor", {})
    expect(last_response.status).to eq 303
    look("/crew")
    expect(page.text).to include("the second factor of Odo was taken off")
  end

  it "what is too long, or no bar, is said with what would do" do
    send_form("/rack/stock", {"material" => "x" * 300, "length" => "2440", "price" => "9"})
    expect([last_response.status, page.text]).to match [422, /300 characters is too long for a material/]
    send_form("/rack/stock", {"material" => "ply", "length" => "0", "price" => "9"})
    expect([last_response.status, page.text]).to match [422, /"0" is no bar. Give its length in full/]
    row = hang
    send_form("/openings/#{row.id}/hand-over", {"seen" => "1", "reason" => "x" * 3_000})
    expect([last_response.status, page.text]).to match [422, /3000 characters are too many/]
  end

  it "a step put on a day of a job on the firm's board is tried there" do
    row = hang
    YellowTrack::Desk::FirmBoard.new(book).keep!(seen: book.boards.version, who: "Odo")
    look("/jobs/#{row.job_id}/visits?put[A-order]=2027-03-09")
    expect(CGI.unescape(last_response["location"])).to include("/visits?put[osier-weir-1:A-order]=2027-03-09")
    send_form("/jobs/#{row.job_id}/visits", {"seen" => "0", "put" => {"A-order" => "2027-03-09"}})
    expect([last_response.status, page.text]).to match [422, /hangs on the firm's board/]
    look("/visits?step=osier-weir-1:A-order&step_day=2027-03-10")
    expect(CGI.unescape(last_response["location"].to_s)).to include("put[osier-weir-1:A-order]=2027-03-10")
    look("/visits?day_off=2027-03-10&day_how=open")
    expect(CGI.unescape(last_response["location"].to_s)).to include("open[]=2027-03-10")
  end

  it "roles are asked of what no route has, too" do
    rights = YellowTrack::Web::Rights
    may = [nil, "learner", "fitter"].map { |role| rights.may?(role, "GET", "/nothing/there") }
    expect(may).to eq [false, true, true]
    expect(rights.may?("learner", "POST", "/nothing/there")).to be false
  end
end
