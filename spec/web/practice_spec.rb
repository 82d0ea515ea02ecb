# frozen_string_literal: true

# Rounds of practice as they are asked, answered and kept.
RSpec.describe "Practice" do
  include Site

  def begin_round(drill = "tightest")
    send_form("/practice/rounds", {"drill" => drill})
    last_response["location"][%r{/practice/rounds/\d+}]
  end

  def states(path) = practising.states(practising.round(path[/\d+\z/].to_i))

  def practising = YellowTrack::Desk::Practising.new(book, book.accounts.named("Runa").id)

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
    expect(page.css(".reading").length).to eq 6
    expect(page.at_css(".known").text).to include("pocket's depth").and include("kit")
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
    expect(line("Tightest")).to include("not done yet")
    answer(path, 9)
    look("/practice")
    expect(line("Tightest")).to match(/due in 1 day.*100 %/m)
    expect(page.at_css(".drills svg")).not_to be_nil
    expect(practising.standings.map(&:due).compact.length).to eq 1
    book.accounts.add("Odo", role: "learner")
    serve(by_itself: "Odo")
    look("/practice")
    expect(line("Tightest")).to include("not done yet")
    look(path)
    expect(last_response.status).to eq 404
  end

  def line(name) = page.css(".drills tbody tr").map(&:text).find { |text| text.start_with?(name) }

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

  # Answers a question of a round as it is right, or as is said.
  def answer_all(path, place, **wrong)
    state = states(path)[place]
    question = practising.question(state.asked)
    typed = Answered.all(question, **wrong)
    typed.delete("steps").to_s.split.each_with_index { |step, seen| send_step(path, place, step, seen) }
    return if states(path)[place].done?

    send_form(path, {"place" => place.to_s, "part" => typed})
  end

  def send_step(path, place, step, seen)
    left, right = step.split(",")
    done = right ? {"do" => "turn", "turn" => {"left" => left, "right" => right}} : {"do" => "ask", "ask" => step}
    send_form(path, {"place" => place.to_s, "seen" => seen.to_s, **done})
  end

  YellowTrack::Practice.drills.each_key do |key|
    it "asks a round of #{key} to its end, all of it right, and a page of each answer" do
      path = begin_round(key)
      10.times do |place|
        look("#{path}?at=#{place}")
        expect(page.css(".answer, .asks").length).to be_positive
        answer_all(path, place)
      end
      expect(states(path).map { |one| one.answers.last&.points }).to eq [3] * 10
      [0, 9].each do |place|
        look("#{path}?at=#{place}")
        expect(page.css(".marked").map { |one| one["class"] }).to all eq "marked marked-exact"
      end
      look("/practice/#{key}/learn")
      expect(page.css("[data-learn-drawing] svg").length).to eq 1
      look("/practice/#{key}/learn.json")
      expect(JSON.parse(last_response.body).map { |state| state["drawing"] }).to all start_with "<svg"
    end
  end

  it "keeps every move on the bench, tells the gaps after it, and marks it once they are even" do
    path = begin_round("which-way")
    move = practising.question(states(path)[2].asked).parts.first.answer.first
    send_step(path, 2, move.map { |count| -count }.join(","), 0)
    look("#{path}?at=2")
    expect(page.at_css(".so-far").text).to match(/gap|top/)
    expect(page.css(".marked")).to be_empty
    send_step(path, 2, "0,0", 1)
    expect([last_response.status, page.at_css(".says").text]).to match [422, /No hanger was turned/]
    send_step(path, 2, move.map { |count| -count }.join(","), 0) # from a page that is behind
    send_step(path, 2, "99,0", 1)
    expect([last_response.status, page.at_css(".says").text]).to match [422, /past an adjuster's end/]
    send_step(path, 2, move.map { |count| 2 * count }.join(","), 1)
    look("#{path}?at=2")
    expect(page.at_css(".marked-good").text).to include("wrong way")
    expect(states(path)[2].answers.last.points).to eq 2
  end

  it "gives out findings at their price, and says when the door came off too early" do
    path = begin_round("what-ails")
    place = 9
    question = practising.question(states(path)[place].asked)
    off = question.play.askable([]).find(&:door_off?) || question.play.askable([]).last
    send_step(path, place, off.key, 0)
    look("#{path}?at=#{place}")
    expect(page.at_css(".found").text).to include(off.ask)
    expect(page.at_css(".tally h2").text).to match(/Asked so far, [\d.]+ minutes/)
    send_step(path, place, off.key, 1)
    expect(page.at_css(".says").text).to include("asked already")
    send_form(path, {"place" => place.to_s, "part" => {"cause" => question.parts.first.answer.cause}})
    expect(states(path)[place].answers.last.points).to be_between(0, 3)
  end

  it "says that nothing is turned or asked where nothing is played, and what is no move" do
    path = begin_round
    send_step(path, 0, "wheels_on", 0)
    expect([last_response.status, page.at_css(".says").text]).to match [422, /Nothing is turned or asked here/]
    expect(states(path)[0].tries).to eq 0
    %w[5 a 1,2,3].each do |ask|
      send_form("/practice/which-way/4", {"level" => "2", "do" => "ask", "ask" => ask, "steps" => "1 x"})
      expect([last_response.status, page.at_css(".says").text]).to match [422, /is no move/]
    end
  end

  it "says what is missing of an answer in several, with what was chosen in its place" do
    send_form("/practice/cut-from/3", {"level" => "3", "part" => {"bars" => {"0" => "1", "1" => "", "2" => "2"}}})
    expect([last_response.status, page.at_css(".says").text]).to match [422, /No bar was chosen for A-2, A-4, A-5/]
    expect(page.css("option[selected]").map { |one| one["value"] }).to eq %w[1 2]
    send_form("/practice/build-up/3", {"level" => "3", "part" => {"layers" => "18 + 7"}})
    expect(page.at_css(".says").text).to include("\"7\" is not in stock: there is 38, 25, 18")
    send_form("/practice/holds-up/3", {"level" => "3", "part" => {"wait" => "A", "visits" => "two"}})
    expect(page.at_css(".says").text).to include("\"two\" is no number of them")
  end

  it "sets a round for the crew, the same for each, and shows them beside each other" do
    send_form("/practice/crew", {"drill" => "side-gap"})
    crew = last_response["location"][%r{/practice/crew/\d+}]
    take = lambda do
      send_form("/practice/rounds", {"set" => crew[/\d+\z/]})
      last_response["location"][%r{/practice/rounds/\d+}]
    end
    mine = take.call
    expect(take.call).to eq mine
    10.times { |place| answer_all(mine, place) }
    asked = states(mine).map(&:asked)
    book.accounts.add("Odo", role: "learner")
    serve(by_itself: "Odo")
    look(crew)
    expect(page.text).to include("shown once yours is done").and not_include("Runa3")
    expect(page.css(".crew-round")).to be_empty
    his = take.call
    odo = YellowTrack::Desk::Practising.new(book, book.accounts.named("Odo").id)
    expect(odo.states(odo.round(his[/\d+\z/].to_i)).map(&:asked)).to eq asked
    send_form("/practice/crew", {"drill" => "side-gap"})
    expect(last_response.status).to eq 403
    serve(by_itself: "Runa")
    look(crew)
    expect(page.css(".crew-round tbody th").map(&:text)).to eq %w[Runa Odo]
    expect(page.css(".crew-round tbody tr").first.css("td").first(11).map(&:text)).to eq ["3"] * 10 + ["30"]
  end

  it "shows the points of a round whose questions are made in another way since" do
    path = begin_round
    answer_all(path, 0)
    id = path[/\d+\z/].to_i
    book.instance_variable_get(:@db)[:practice_rounds].where(id:).update(version: 1)
    look(path)
    expect(page.text).to include("made in another way since")
    expect(page.css("tbody tr").map { |row| row.css("td").map(&:text) }).to eq [%w[1 Tightest 3]]
    answer_all(path, 1)
    expect(practising.answered(practising.round(id)).length).to eq 1
    set = practising.set("mixed")
    book.instance_variable_get(:@db)[:practice_sets].where(id: set).update(version: 1)
    send_form("/practice/rounds", {"set" => set.to_s})
    expect([last_response.status, page.text]).to match [422, /made in another way since. Set another/]
  end
end
