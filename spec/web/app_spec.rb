# frozen_string_literal: true

RSpec.describe YellowTrack::Web::App do
  include Site

  def says(key) = page.at_css("#says-#{key.tr("._", "--")}")&.text.to_s.gsub(/\s+/, " ").strip

  it "starts with an empty wall that says what to do first" do
    look("/")
    expect(last_response).to be_ok
    expect(page.text).to include("No job yet")
  end

  it "makes a job, hangs an opening in it, and comes to its first reading" do
    send_form("/jobs", {"name" => "Osier Weir", "units" => "mm"})
    follow_redirect!
    expect(page.at_css("h1").text).to include("Osier Weir")
    send_form("/jobs/1/openings", {"name" => "Bunk room 2"})
    expect(last_response.status).to eq 303
    look(last_response["location"])
    expect(page.text).to include("Read the width at the head.").and include("Still to read")
  end

  it "says what is wrong with a nameless job, and keeps what else was typed" do
    send_form("/jobs", {"name" => " ", "place" => "island"})
    expect(last_response.status).to eq 422
    expect(page.at_css("#job-place")["value"]).to eq "island"
    expect(page.text).to include("A name is needed")
  end

  it "saves a reading as it is typed and gives the drawing and the tally anew" do
    row = hang
    type(row, "survey.widths.top", "1800")
    expect(saved(row, "survey.widths.top")).to eq "1800"
    expect(page.css("[hx-swap-oob]").map { |part| part["id"] })
      .to include("rail", "version", "shape", "tally", "next", "says-survey-widths-top")
    expect(page.at_css("#version")["data-version"]).to eq "2"
  end

  describe "bad input" do
    it "keeps what was typed in its place with the message; the last good value stands" do
      row = hang
      ["58 9/", "abc", "-5", "25 m", "x" * 1024].each do |typed|
        type(row, "survey.widths.top", typed)
        expect(last_response).to be_ok
        expect(says("survey.widths.top"))
          .to match(/(is not a length|under nothing|more than 20 m|1024 characters).*Keep 1808/), typed
        expect(saved(row, "survey.widths.top")).to eq 1808
        look("/openings/#{row.id}/measure")
        expect(page.at_css("#survey-widths-top")["value"]).to eq typed
      end
    end

    it "saves widths of 0 and 9 m, and stops the plan with a sentence" do
      {"0" => "comes to 0 mm: these readings leave no room for a set", "9 m" => "A width of 9"}
        .each do |typed, sentence|
        row = hang
        type(row, "survey.widths.middle", typed)
        expect(saved(row, "survey.widths.middle")).to eq typed
        expect(page.at_css("#tally").text.tr("\u00A0", " ")).to include(sentence)
        look("/openings/#{row.id}/size")
        expect(last_response).to be_ok
      end
    end

    it "empties a field, says what was there, and puts it back" do
      row = hang
      type(row, "survey.widths.top", "")
      expect(says("survey.widths.top")).to include("Emptied. It was 1808.")
      expect(page.at_css("#tally").text).to include("1 of 6")
      type(book.openings.find(row.id), "survey.widths.top", "", back: 1)
      expect(saved(row, "survey.widths.top")).to eq 1808
    end

    it "tells a second tab what changed meanwhile and loses neither value" do
      row = hang
      type(row, "survey.widths.top", "1806")
      type(row, "survey.widths.top", "1810", seen: 1)
      expect(says("survey.widths.top")).to include("Changed meanwhile from 1808 to 1806. You typed 1810.")
      expect(saved(row, "survey.widths.top")).to eq "1806"
      type(row, "survey.widths.top", "1810", seen: 1, overrule: 1)
      expect(saved(row, "survey.widths.top")).to eq "1810"
    end

    it "tells a second tab of changes to other values, and shows them" do
      row = hang
      type(row, "survey.heights.left", "2250")
      type(row, "survey.widths.top", "1806", seen: 1)
      expect(page.at_css("#version").text).to include("height, left 2243 to 2250")
      expect(page.at_css("#field-survey-heights-left input[name=value]")["value"]).to eq "2250"
    end

    it "gives up a draft when asked, and the saved value stands" do
      row = hang
      type(row, "set.lap", "3x", stage: "size")
      type(row, "set.lap", "3x", stage: "size", forget: 1)
      expect(book.db[:drafts].count).to eq 0
      expect(says("set.lap")).to eq ""
    end

    it "takes a floor station whole, and says which half is missing" do
      row = hang
      type(row, "survey.floor.new", ["600", ""])
      expect(says("survey.floor.new")).to include("is not a length")
      type(row, "survey.floor.new", %w[1500 3])
      expect(saved(row, "survey.floor")[3]).to eq %w[1500 3]
      expect(page.at_css("#lists")).not_to be_nil
    end

    it "refuses a value that no screen has, a broken address, and a lie about the version" do
      row = hang
      type(row, "set.family", "bifold")
      expect(last_response.status).to eq 422
      look("/openings/999/measure")
      expect(last_response.status).to eq 404
      look("/openings/#{row.id}/nowhere")
      expect(last_response.status).to eq 404
      type(row, "set.lap", "30", seen: "x")
      expect(last_response.status).to eq 400
    end
  end

  it "changes a choice on the spot" do
    row = hang
    type(row, "set.lap", "40", stage: "size")
    expect(page.at_css("#numbers-panels .row-figure").text).to include("924")
    type(row, "set.makeup.0", %w[glass 4], stage: "size", seen: 9)
    expect(saved(row, "set.makeup")).to eq [{"material" => "glass", "thickness" => "4"}]
  end

  it "takes a cure by one press, logs it and goes on to its field, once" do
    row = hang("set.gap" => 4)
    look("/openings/#{row.id}/size")
    form = page.at_css("form[action$='/cures']")
    send_form(form["action"], form.css("[name]").to_h { |one| [one["name"], one["value"]] }.except("once"))
    expect(last_response["location"]).to match(%r{/openings/#{row.id}/size#\S*set-gap\z})
    kept = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))
    expect(kept.checks.map(&:code)).not_to include("bypass.gap.least")
    expect(book.log.of(row.id).last).to have_attributes(key: "set.gap", who: Site::FITTER)
    send_form(form["action"], {"code" => "bypass.gap.least", "seen" => "1", "stage" => "size"})
    expect([last_response.status, page.text]).to match [422, /nothing to cure so any more/]
  end

  it "shows the panels where they are slid to, within their travel" do
    row = hang("survey.bays" => [[0, 600], [1210, 1808]])
    look("/openings/#{row.id}/slide?at[A]=0&at[B]=-500")
    expect(page.text).to include("Clear 887").and include("Bay 2 clear").and include("Bay 1 shut")
    look("/openings/#{row.id}/slide?at[A]=soup")
    expect(last_response).to be_ok
  end

  Kinds::ALL.each_key do |kind|
    it "draws and tells a set of its kind: #{kind}" do
      given = document_of(kind, Random.new(RSpec.configuration.seed))
      given["survey"]["bays"] = [[0, 300], [300, 600]]
      row = hang("survey" => given["survey"], "set" => given["set"])
      %w[size measure sheet working].each do |page|
        look("/openings/#{row.id}/#{page}")
        expect(last_response).to be_ok, page
      end
      look("/openings/#{row.id}/size")
      expect(page.css("figure svg desc").map(&:text)).to all match(/\d/)
      expect(page.css("[role=slider]")).not_to be_empty
      said = %w[aria-valuemin aria-valuemax].map do |end_of_it|
        look("/openings/#{row.id}/size")
        slid = page.css("[role=slider]").map { |grip| "at[#{grip["data-move"]}]=#{grip[end_of_it]}" }.join("&")
        look("/openings/#{row.id}/slide?#{slid}")
        page.at_css(".clear-says").text
      end
      expect(said).to include(match(/Clear \d/))
    end
  end

  it "shows every check of a set at some number, whatever the set" do
    random = Random.new(RSpec.configuration.seed)
    Kinds::ALL.each_key do |kind|
      given = document_of(kind, random)
      given["set"].merge!("gap" => 3, "proud" => 30, "thickness" => 50, "weighed" => 200, "setback" => 0,
        "side_gap" => 1, **(kind.start_with?("bifold") ? {} : {"inset" => 10}))
      row = hang("survey" => given["survey"].merge("depth" => 20, "front" => 50), "set" => given["set"])
      look("/openings/#{row.id}/size")
      shown = page.css(".tally").text.gsub(/\s+/, " ")
      plan_of(row.document.to_h).checks.reject { |check| check.code.start_with?("survey.") }.each do |check|
        expect(shown).to include(check.says.gsub(/\s+/, " ")), "#{kind}: #{check.code}"
      end
    end
  end

  it "calls each house rule and each own word by its own name" do
    screen = YellowTrack::Web::Rules::Screen.new(book, visitor: nil)
    named = YellowTrack::Files::HouseRules.all.to_h { |rule| [rule.key, rule.label] }
    expect(named.keys.to_h { |key| [key, screen.label(key)] }).to eq named
  end

  it "sends how lines and a page look, to be kept for an hour, and nothing of a page that there is not" do
    {"/lines.css" => ".drawing", "/pages/cut.css" => ".page-cut"}.each do |path, rule|
      look(path)
      expect([last_response["content-type"], last_response["cache-control"]])
        .to match [start_with("text/css"), "public, max-age=3600"]
      expect(last_response.body).to start_with("@layer").and include(rule)
    end
    look("/pages/nothing.css")
    expect(last_response.status).to eq 404
  end

  it "prints the sheet with its cautions" do
    row = hang
    look("/openings/#{row.id}/sheet")
    expect(page.text).to include("921 × 2").and include("reminders, not rules").and include("the leaflet wins")
  end

  it "works without a script: posts and comes back to the page" do
    row = hang
    send_form("/openings/#{row.id}/values", {"key" => "set.lap", "value" => "30", "seen" => "1", "stage" => "size"})
    expect(last_response.status).to eq 303
    expect(last_response["location"]).to end_with("/openings/#{row.id}/size#set-lap")
  end

  describe "guards" do
    it "sends a policy that allows nothing inline and nothing from elsewhere" do
      row = hang
      ["/", "/jobs/1", "/openings/#{row.id}/measure", "/openings/#{row.id}/size", "/openings/#{row.id}/sheet"]
        .each do |path|
        look(path)
        expect(last_response["content-security-policy"]).to include("default-src 'self'")
          .and include("frame-ancestors 'none'")
        expect(last_response.body).not_to match(/<style|style="|<script(?![^>]*src=)|\son\w+=/), path
        expect(last_response.body).not_to match(%r{https?://(?!www\.w3\.org)}), path
      end
    end

    it "refuses a post without the page's token, and another host's name" do
      post("/jobs", {"name" => "x"}, "HTTP_HOST" => Site::HOST)
      expect(last_response.status).to eq 403
      get("/", {}, "HTTP_HOST" => "elsewhere.example")
      expect(last_response.status).to eq 403
    end

    it "escapes what was typed" do
      row = hang
      type(row, "survey.widths.top", "<b>1</b>")
      look("/openings/#{row.id}/measure")
      expect(last_response.body).not_to include("<b>1</b>")
    end
  end
end
