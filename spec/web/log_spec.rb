# frozen_string_literal: true

require "csv"
require "mini_magick"

RSpec.describe "The log of an opening" do
  include Site

  def add(row, what, **values) = send_form("/openings/#{row.id}/#{what}", values.transform_keys(&:to_s))

  def says = page.css(".log-says").map { |line| line.text.strip }

  def upload(name, bytes, type: "image/jpeg")
    file = Tempfile.create(name, binmode: true).tap { |made| made.write(bytes) && made.flush }
    Rack::Test::UploadedFile.new(file.path, type, true, original_filename: name)
  end

  def picture(format, size: "40x20")
    MiniMagick.convert { |tool| tool.merge!(["-size", size, "xc:red", "#{format}:-"]) }
  end

  # A JPEG held sideways, with a place in it.
  def held_sideways
    gps = [1, 1, 2, 2, "N\0\0\0"].pack("vvvVa4") + [0].pack("V")
    ifd = [2, 0x0112, 3, 1, 6, 0x8825, 4, 1, 8 + 2 + 24 + 4, 0].pack("vvvVVvvVVV")
    exif = "Exif\0\0".b + ["II*\0", 8].pack("a4V") + ifd + gps
    jpeg = picture("jpeg")
    jpeg[0, 2] + [0xFFE1, exif.bytesize + 2].pack("nn") + exif + jpeg[2..]
  end

  it "tells everything in order, and only what is asked for" do
    row = hang
    type(row, "survey.widths.top", "1807")
    add(row, "remarks", text: "Left jamb is soft at the foot.")
    look("/openings/#{row.id}/log")
    expect(says).to eq ["Opening made", "width, head: 1808 → 1807", "Left jamb is soft at the foot."]
    look("/openings/#{row.id}/log?only=readings")
    expect(says).to eq ["width, head: 1808 → 1807"]
    look("/openings/#{row.id}/log?by=nobody")
    expect(page.text).to include("Nothing of that kind yet.")
  end

  it "shows the last of many pages, another when asked, and that on which an entry stands" do
    row = hang
    many = YellowTrack::Web::Log::Screen::PAGE
    (many + 5).times do |turn|
      book.openings.note(row.id, {kind: "remark", key: "remark", before: nil, after: "No #{turn}."})
    end
    first = book.log.of(row.id, kind: "remark").first
    shown = ->(query) {
      look("/openings/#{row.id}/log#{query}")
      says.grep(/No /).then { |list| [list.first, list.length] }
    }
    expect(shown.call("")).to eq ["No 99.", 6] # it was made, too
    expect(shown.call("?page=1")).to eq ["No 0.", many - 1]
    expect(shown.call("?entry=#{first.id}")).to eq ["No 0.", many - 1]
    expect(shown.call("?only=notes&entry=#{first.id}")).to eq ["No 99.", 6]
  end

  it "tells a whole set or a panel taken back in words" do
    row = hang
    send_form("/openings/#{row.id}/set", {"way" => "pocket-90:1:right", "seen" => 1})
    look("/openings/#{row.id}/log?only=choices")
    expect(says.last).to match(/\Aset: family bypass, kit twin-42.* → family pocket, kit pocket-90/)
  end

  it "corrects by a new entry that points at the old one, which stays" do
    row = hang
    add(row, "remarks", text: "Soft at the left.")
    wrong = book.log.of(row.id).last
    add(row, "corrections", entry: wrong.id, text: "Soft at the right.")
    look("/openings/#{row.id}/log")
    expect(page.at_css("#entry-#{wrong.id}").text).to include("Soft at the left.").and include("Corrected")
    expect(page.css(".log-entry").last.at_css("a")["href"]).to eq "#entry-#{wrong.id}"
    expect(book.log.find(wrong.id).after).to eq "Soft at the left."
    other = hang
    add(other, "corrections", entry: wrong.id, text: "not mine")
    expect(last_response.status).to eq 404
  end

  it "keeps what was written where it cannot be taken" do
    row = hang
    add(row, "remarks", text: "x" * 2001)
    expect(last_response.status).to eq 422
    expect(page.at_css("[role=alert]").text).to include("2001 characters")
    expect(page.at_css("#remark").text.length).to eq 2001
  end

  it "gives itself as CSV, and no cell as a sum" do
    row = hang
    add(row, "remarks", text: "=1+1")
    look("/openings/#{row.id}/log.csv")
    table = CSV.parse(last_response.body, headers: true)
    expect(table.map { |line| line["kind"] }).to eq %w[made remark]
    expect(table[1]["after"]).to eq "'=1+1"
  end

  it "turns a picture upright, takes out where it was taken, and shows a small one" do
    row = hang
    expect(held_sideways).to include("Exif")
    add(row, "pictures", picture: upload("jamb.jpg", held_sideways), caption: "Left jamb, foot")
    kept = book.pictures.find(1)
    expect(kept).to have_attributes(width: 20, height: 40, type: "image/jpeg")
    expect(kept.data).not_to include("Exif")
    look("/openings/#{row.id}/log")
    expect(page.at_css("img")["alt"]).to eq "Left jamb, foot"
    look(page.at_css("img")["src"])
    expect(last_response["content-type"]).to eq "image/jpeg"
  end

  %w[png webp].each do |format|
    it "takes #{format.upcase}, sized down to what a screen shows" do
      row = hang
      add(row, "pictures", picture: upload("a.#{format}", picture(format, size: "3000x600")), caption: "")
      expect(book.pictures.find(1)).to have_attributes(width: 2400, height: 480, type: "image/#{format}")
    end
  end

  {"a text" => ["notes.jpg", "just words", /"notes.jpg" is no JPEG, PNG or WebP/],
   "half a picture" => ["half.jpg", "\xFF\xD8\xFF\xE0\x00".b, /"half.jpg" cannot be read/],
   "too much" => ["big.jpg", "\xFF\xD8\xFF".b + "x" * (12.5 * 1024 * 1024),
     /"big.jpg" has 12.5 MB. A picture takes 12 MB/]}.each do |what, (name, bytes, message)|
    it "refuses #{what} and keeps the caption" do
      row = hang
      add(row, "pictures", picture: upload(name, bytes), caption: "The foot")
      expect(last_response.status).to eq 422
      expect(page.at_css("[role=alert]").text).to match message
      expect(page.at_css("#caption")["value"]).to eq "The foot"
      expect(book.pictures.find(1)).to be_nil
    end
  end
end
