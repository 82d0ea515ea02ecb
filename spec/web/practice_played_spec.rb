# frozen_string_literal: true

require "support/share"

# Rounds to their end, of a share of the drills here, another by each seed, and of all by `bin/bench whole`; what is
# played before it is answered; rounds that are set for the crew.
RSpec.describe "Practice, played and set" do
  include Site
  include Practised

  Share.of(YellowTrack::Practice::Drills.all.keys, 4).each do |key|
    it "asks a round of #{key} to its end, all of it right, and a page of each answer" do
      path = begin_round(key)
      10.times do |place|
        asked(path, place) if place % 3 == 0
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

  # That a question of a round has something to answer on its page.
  def asked(path, place)
    look("#{path}?at=#{place}")
    expect(page.css(".answer, .asks").length).to be_positive
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
    expect(page.at_css(".found-out").text).to include(off.ask)
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

  it "takes an answer for no other try than its page was on, and keeps what was given" do
    path = begin_round("what-ails")
    right = practising.question(states(path)[0].asked).parts.first.answer.cause
    other = practising.question(states(path)[0].asked).parts.first.options.keys.find { |key| key != right }
    send_form(path, {"place" => "0", "tried" => "0", "part" => {"cause" => other}})
    send_form(path, {"place" => "0", "tried" => "0", "part" => {"cause" => right}})
    expect([last_response.status, page.css(".says").text]).to match [422, /answered in another window meanwhile/]
    expect(page.at_css("input[checked]")["value"]).to eq right
    expect([page.at_css("input[name=tried]")["value"], states(path)[0].tries]).to eq ["1", 1]
    send_form(path, {"place" => "0", "tried" => "1", "part" => {"cause" => right}})
    expect(states(path)[0].answers.last.points).to be_positive
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
