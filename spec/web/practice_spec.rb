# frozen_string_literal: true

# Rounds of practice as they are asked, answered and kept.
RSpec.describe "Practice" do
  include Site
  include Practised

  # Answers a question, each part so much over the right one.
  def answer(path, place, over: 0, text: nil)
    question = practising.question(states(path)[place].asked)
    unit = question.document["units"]
    typed = question.parts.to_h { |part| [part.key, text || "#{(part.answer + over).to_f.round(4)} mm"] }
    send_form(path, {"place" => place.to_s, "part" => typed})
    unit
  end

  it "asks ten questions, easy to hard, each with its readings on the drawing and what the kit says" do
    path = begin_round("pocket-frame")
    look(path)
    expect(page.text).to match(/Pocket frame, 1 of 10, level 1; 0 of 30 points/)
    expect(page.at_css("#drill-pocket-frame-title")).not_to be_nil
    expect(page.css(".known dt").map(&:text)).to include("pocket's depth", "kit", "widths, head · middle · floor")
    expect(page.css(".answer label").map(&:text)).to eq ["rough width, mm", "wall, mm", "longest screw, mm"]
    expect(page.at_css(".next-sentence").text).to include("for one leaf?")
  end

  it "marks by the size of the error, names the slip and shows the sum, once it is over" do
    path = begin_round
    answer(path, 0)
    look(last_response["location"])
    expect(page.at_css(".marked").text).to match(/exact\..*the sum.*least\(widths\)/m)
    expect(page.at_css(".next-word").text).to eq "Next"
    question = practising.question(states(path)[1].asked)
    slip = question.parts.first.slips.first
    2.times { answer(path, 1, over: slip.value - question.parts.first.answer) }
    look("#{path}?at=1")
    expect(page.at_css(".marked").text).to include(slip.words).and include("On site: the panels do not go in")
    expect(states(path).first(2).map { |one| one.answers.last.points }).to eq [3, 0]
  end

  it "gives a wrong answer a second try, for half the points, and tells nothing before" do
    path = begin_round
    answer(path, 0, over: 500)
    look("#{path}?at=0")
    expect(page.text).to include("Not yet. One more try, for half the points.")
    expect(page.css(".marked")).to be_empty
    answer(path, 0)
    expect(states(path)[0].answers.last.points).to eq 3r / 2
    answer(path, 0)
    expect(states(path)[0].tries).to eq 2
  end

  it "says what cannot be read, with all that was typed in its place, and counts no try" do
    path = begin_round("pocket-frame")
    answer(path, 0, text: "12x")
    expect(last_response.status).to eq 422
    expect(page.css(".answer .says").length).to eq 3
    expect(page.css(".answer input").map { |one| one["value"] }).to all eq "12x"
    expect(states(path)[0].tries).to eq 0
  end

  it "brings back what was weak the next day, and what went well later, each learner's own" do
    path = begin_round
    9.times { |place| answer(path, place) }
    look("/practice")
    expect(line("Tightest")).to include("not yet tried")
    answer(path, 9)
    look("/practice")
    expect(line("Tightest")).to include("in 1 day")
    expect(page.css(".drill").find { |one| one.text.include?("Tightest") }.css(".drill-right").length).to eq 10
    look("/practice/tightest/learn")
    expect(page.at_css(".tally").text.gsub(/\s+/, " ")).to include("100 % of the last round's points")
    expect(practising.standings.map(&:due).compact.length).to eq 1
    book.accounts.add("Odo", role: "learner")
    serve(by_itself: "Odo")
    look("/practice")
    expect(line("Tightest")).to include("not yet tried")
    look(path)
    expect(last_response.status).to eq 404
  end

  def line(name) = page.css(".drill").map(&:text).find { |text| text.include?(name) }

  it "says what is due, and which drill is the weakest by the latest answers" do
    look("/practice")
    expect(page.at_css("h1").text).to eq "17 drills are due"
    path = begin_round
    4.times { |place| 2.times { answer(path, place, over: 60) } }
    look("/practice")
    expect(page.at_css(".drill-head p").text).to eq "Tightest is the weakest: 4 of the last 4 went wrong."
  end

  it "has a reading pressed on the drawing, and says that the height it looks like is not the one" do
    look("/practice/read-opening/3?level=3")
    expect(page.css(".reading input[type=radio]").length).to be >= 8
    expect(page.at_css(".answer fieldset").text).to include("none: they agree")
    expect(page.to_s).not_to include("suspect")
    send_form("/practice/read-opening/3", {"level" => "3", "part" => {"by" => "12"}})
    expect([last_response.status, page.at_css(".answer .says").text]).to match [422, /Nothing was chosen/]
    question = YellowTrack::Desk::Practising.question("read-opening", 3, 3)
    wrong, by = question.parts
    send_form("/practice/read-opening/3",
      {"level" => "3", "part" => {"wrong" => wrong.answer, "by" => (-by.answer).to_f.to_s}})
    expect(page.css(".marked").map { |one| one["class"] }).to eq ["marked marked-exact", "marked marked-wrong"]
    expect(page.text).to include("that is the right size, and the wrong way")
  end

  it "asks any question by its number, the same for everybody, and gives its opening as a file" do
    look("/practice/panel-width/77?level=4")
    expect(page.text).to include("level 4, number 77")
    send_form("/practice/panel-width/77", {"level" => "4", "part" => {"panels.width" => "1"}})
    expect(page.at_css(".marked-wrong").text).to include("wrong")
    look("/practice/panel-width/77.json?level=4")
    plan = YellowTrack::Plan.of(YellowTrack::Files::Shelf.opening(JSON.parse(last_response.body)))
    question = YellowTrack::Desk::Practising.question("panel-width", 4, 77)
    expect(plan.working["panels.width"].value).to eq question.parts.first.answer
    ["/practice/nothing/1", "/practice/tightest/7?level=9"].each do |path|
      look(path)
      expect(last_response.status).to eq 404
    end
  end
end
