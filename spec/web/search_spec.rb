# frozen_string_literal: true

# Search over everything that was typed, kits and causes.
RSpec.describe "Search" do
  include Site

  let!(:row) { hang }

  def found(words)
    get("/search", {"q" => words}, "HTTP_HOST" => Site::HOST)
    expect(last_response).to be_ok
    page.css(".found a").map { |one| one.text.gsub(/[[:space:]]+/, " ").strip }
  end

  it "finds names, places and notes by a part of a word, in any case, all of the words" do
    expect(found("OSIER")).to include("Osier Weir")
    expect(found("unk room")).to eq ["Osier Weir › A Bunk room"]
    expect(found("bunk nothing")).to eq []
    send_form("/openings/#{row.id}/notes", {"notes" => "Key under the boathouse mat"})
    expect(found("boathouse mat")).to eq ["Osier Weir › A Bunk room"]
    book.jobs.rename(row.job_id, name: "Tern House", place: "box room")
    expect(found("osier")).to eq []
    expect(found("box roo")).to eq ["Tern House box room"]
  end

  it "finds remarks, and goes to them" do
    send_form("/openings/#{row.id}/remarks", {"text" => "The lintel crumbles on the left."})
    expect(found("lintel")).to eq ["Osier Weir › A Bunk room: The lintel crumbles on the left."]
    150.times do |turn|
      book.openings.note(row.id, {kind: "remark", key: "remark", before: nil, after: "Later #{turn}"})
    end
    found("lintel")
    where = page.at_css(".found a")["href"]
    look(where)
    expect(page.at_css("##{where[/entry-\d+\z/]}").text).to include("The lintel crumbles")
  end

  it "says that there is more, where there is, and not where all is shown" do
    expect(found("osier") && page.text).not_to include("There are more.")
    (YellowTrack::Web::Search::Screen::MOST + 1).times { |turn| book.jobs.add(name: "Osier #{turn}") }
    expect(found("osier") && page.text).to include("There are more. Write a little more of the name.")
  end

  it "finds openings by the name of their kit, and by the cause that was named" do
    expect(found("twin lane")).to include("kit Twin lane 42", "Osier Weir › A Bunk room")
    type(row, "service.symptoms", "scrapes", stage: "look")
    expect(found("wheel")).to eq []
    book.openings.change(row.id, "service.cause", "wheel_worn", seen: nil)
    expect(found("worn")).to include("Osier Weir › A Bunk room")
  end

  it "finds nothing of the bin, and brings back what comes back" do
    book.openings.bin(row.id)
    expect(found("bunk")).to eq []
    book.openings.bin(row.id, binned: false)
    expect(found("bunk")).not_to be_empty
    book.jobs.bin(row.job_id)
    expect(found("bunk")).to eq []
  end

  ["\"", "a\" OR \"b", "%", "_", "*", "NEAR(", "'", "x" * 300, "ö", "a b c d e f g h i j"].each do |words|
    it "takes #{words[0, 12].inspect} for words and nothing else" do
      expect { found(words) }.not_to raise_error
    end
  end

  it "has what was there before the index was" do
    YellowTrack::Store::Database.migrate(book.db, target: 15)
    expect(book.db.tables).not_to include(:found)
    YellowTrack::Store::Database.migrate(book.db)
    book.accounts.add(Site::FITTER)
    expect(found("bunk")).to eq ["Osier Weir › A Bunk room"]
  end
end
