# frozen_string_literal: true

# Choosing by search on its page.
RSpec.describe "Choosing" do
  include Site

  facts = {"survey.head" => {"of" => "timber"}, "survey.front" => 1200, "survey.above" => 400,
           "survey.beside" => {"left" => 400, "right" => 2400},
           "survey.wall" => {"projection" => 0, "solid" => true, "thickness" => 120, "services" => [],
                             "bears_load" => false}}

  def ways = page.css(".way")

  def way(name) = ways.find { |one| one.at_css("b").text == name }

  it "ranks every manner in a row, the set in mind marked, with what is not read yet" do
    row = hang("survey.bays" => [[0, 600], [600, 1210], [1210, 1808]])
    look("/openings/#{row.id}/choose")
    expect(ways.map { |way| way.at_css("b").text }).to include("Top-hung", "Wall-hung pair", "Pocket, one leaf")
    expect(ways.css("svg").length).to eq page.css(".way-now, .way-if").length
    expect(page.css(".way-mine").text).to include("in mind")
    expect(page.text.gsub(/\s+/, " ")).to include("30 ways tried, nine kits").and include("not read yet")
    expect(page.at_css(".choose-first").text).to include(page.at_css("#way-0 b").text)
  end

  it "takes what is shown with one press, keeps what the panels are, and takes it back with one" do
    row = hang("set.slab" => {"width" => 926, "height" => 2200}, "set.lap" => 40)
    before = saved(row, "set")
    send_form("/openings/#{row.id}/set", {"way" => "pocket-90:1:right", "seen" => "1"})
    expect(last_response.status).to eq 303
    expect(saved(row, "set")).to include("family" => "pocket", "kit" => "pocket-90", "makeup" => before["makeup"])
    expect(saved(row, "set")).not_to include("slab", "lap")
    look("/openings/#{row.id}/choose")
    expect(page.css(".way-mine").text).to include("Pocket, one leaf")
    send_form("/openings/#{row.id}/set", {"back" => "1", "seen" => "2"})
    expect(saved(row, "set")).to eq before
    send_form("/openings/#{row.id}/set", {"way" => "curtain", "seen" => "3"})
    expect(last_response.status).to eq 422
  end

  it "takes the set in mind by a press too, while nobody chose: it stays, and the stage is done" do
    row = hang("set" => YellowTrack::Desk::Job::USUAL_SET, "survey.floor" => nil, **facts)
    press = ".way-mine .way-open > form input[name=way]"
    look("/openings/#{row.id}/measure")
    expect(page.at_css(".next").text).to include("Choose the set")
    before = saved(row, "set")
    look("/openings/#{row.id}/choose")
    way = page.at_css(press)["value"]
    send_form("/openings/#{row.id}/set", {"way" => way, "seen" => "1"})
    expect(saved(row, "set")).to eq before
    look("/openings/#{row.id}/choose")
    expect(page.at_css(press)).to be_nil
    expect(page.css(".take-back")).to be_empty
    look("/openings/#{row.id}/measure")
    expect(page.at_css(".next").text).to include("Size the set")
    look("/openings/#{row.id}/log")
    expect(page.text).to include("set: taken as it stood")
  end

  it "takes just what was tried: the plan that was shown is the plan that comes" do
    row = hang("set.thickness" => 20, "survey.beside" => {"left" => 3000, "right" => 3000})
    choice = YellowTrack::Files::Candidates.choose(YellowTrack::Files::Shelf.opening(row.document.to_h))
    choice.ranked.each do |one|
      opening = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))
      set = YellowTrack::Desk::SetChoice.new(opening).set_of(one)
      taken = plan_of(row.document.with("set", set).to_h)
      expect(taken.to_h.except("working")).to eq one.plan.to_h.except("working") unless one.in_mind?
    end
  end

  it "says what is still to read before anything can be tried" do
    row = hang("survey.widths.top" => nil)
    look("/openings/#{row.id}/choose")
    expect(page.text).to include("width at the head")
  end

  it "has the figures of the ranking with each way that goes in, now or if" do
    row = hang(**facts)
    look("/openings/#{row.id}/choose")
    choice = YellowTrack::Files::Candidates.choose(YellowTrack::Files::Shelf.opening(row.document.to_h))
    expect(ways.length).to eq choice.cards.length
    choice.cards.each_with_index do |card, place|
      shown = page.at_css("#way-#{place}")
      word = {"fits" => "fits", "if" => "fits if", "not" => "stop"}.fetch(card.state)
      expect(shown.at_css(".way-word").text.strip).to end_with(word)
      next if card.state == "not"

      expect(plain(shown.text)).to include("#{(card.share * 100).round} %")
        .and include("#{card.heaviest.to_f.round(1)} kg")
    end
  end

  it "writes lengths in the job's unit, and in the other when asked" do
    row = hang(**facts)
    look("/openings/#{row.id}/choose")
    expect(plain(way("Wall-hung pair").text)).to match(/400 mm of free wall at the left; it takes \d+ mm/)
    look("/openings/#{row.id}/choose?unit=other")
    expect(plain(way("Wall-hung pair").text)).to match(%r{15 3/4 in of free wall at the left; it takes \d+})
  end

  it "says what it would take, with what is there" do
    row = hang(**facts)
    look("/openings/#{row.id}/choose")
    expect(plain(way("Wall-hung pair").at_css(".way-cures").text))
      .to match(/What it would take: free wall beside: \d+ mm, 400 mm there/)
    type(row, "survey.beside.left", "2400")
    look("/openings/#{row.id}/choose")
    expect(way("Wall-hung pair").at_css(".way-word").text).to include("fits")
  end

  it "counts no fact as passed that is not read: each comes back with what it needs" do
    row = hang(**facts)
    facts.each_key do |fact|
      bare = hang(**facts, fact => nil)
      look("/openings/#{bare.id}/choose")
      expect(page.css(".way-group .way-if")).not_to be_empty, fact
    end
    look("/openings/#{row.id}/choose")
    expect(page.css(".way-group")).to be_empty
  end

  it "groups ways by the fact that most of them wait for, and sorts them anew when it is typed there" do
    row = hang(**facts, "survey.beside" => nil)
    look("/openings/#{row.id}/choose")
    groups = page.css(".way-group").map { |one| [one.at_css("h3").text, one.css(".way-if").length] }
    expect(groups.first).to match ["there is wall to the right", be >= 2]
    type(row, "survey.beside.left", "3000", stage: "choose")
    expect(last_response["hx-refresh"]).to eq "true"
    type(book.openings.find(row.id), "survey.beside.right", "3000", stage: "choose")
    look("/openings/#{row.id}/choose")
    expect(page.css(".way-group")).to be_empty
    expect(page.css(".way-now b").map(&:text)).to include("Wall-hung pair")
  end

  it "says every fact that a way waits for: one at the head of its group, the rest with it, each once" do
    row = hang
    look("/openings/#{row.id}/choose")
    opening = YellowTrack::Desk::KeptOpening.new(book, row)
    cards = YellowTrack::Desk::SetChoice.new(opening).choice.cards
    cards.each_with_index.select { |card, _| card.state == "if" }.each do |card, place|
      shown = page.at_css("#way-#{place}")
      group = shown.ancestors(".way-group").first.at_css("h3").text
      heading, rest = card.unread.partition { |fact| YellowTrack::Desk::Facts.so(fact.key) == group }
      expect(heading.length).to eq 1
      rest.each do |fact|
        expect(plain(shown.text).scan(plain(YellowTrack::Desk::Facts.needs(fact, opening.printer))).length).to eq 1
      end
    end
  end

  it "tells doors that are there already before all else" do
    row = hang(**facts)
    type(row, "set.width", "760", stage: "choose")
    look("/openings/#{row.id}/choose")
    expect(page.at_css(".bought[open] input[value='760']")).not_to be_nil
  end

  it "takes over what another hand has changed meanwhile, which the log keeps and one press brings back" do
    row = hang(**facts)
    type(row, "set.lap", "30", stage: "size")
    send_form("/openings/#{row.id}/set", {"way" => "pocket-90:1:right", "seen" => "1"})
    expect(saved(row, "set.family")).to eq "pocket"
    expect(book.log.last(row.id, "set").before["lap"]).to eq "30"
    send_form("/openings/#{row.id}/set", {"back" => "1", "seen" => "1"})
    expect(saved(row, "set.lap")).to eq "30"
  end

  it "puts the set in mind where it belongs, though it has a stop" do
    row = hang(**facts, "set.gap" => 3)
    look("/openings/#{row.id}/choose")
    expect(page.css(".way-mine").length).to eq 1
    expect(page.at_css(".way-mine .way-word").text).to include("stop")
    states = ways.map { |one| one.at_css(".way-word")["class"][/way-(done|watch|stop)/, 1] }
    expect(states).to eq(states.sort_by { |state| %w[done watch stop].index(state) })
  end

  it "says that nothing fits, and names the nearest, where nothing does" do
    row = hang(**facts, "survey.depth" => 10, "survey.front" => 20, "survey.above" => 5,
      "survey.beside" => {"left" => 10, "right" => 10})
    look("/openings/#{row.id}/choose")
    expect(page.at_css(".choose-first").text).to include("Nothing on the shelf fits as it stands. Nearest:")
  end
end
