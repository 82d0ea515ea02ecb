# frozen_string_literal: true

require_relative "browser_helper"
require "support/share"

# What axe finds, and a phone's width: over a share of the screens here, another by each seed, and over all of them by
# `bin/bench whole`.
RSpec.describe "Every screen" do
  include_context "with the demo in the browser"

  def screens
    b, a = opening("B", "Osier Weir").id, opening("A", "Tern House").id
    slider, pocket = opening("B", "Tern House").id, opening("G", "Osier Weir").id
    ["/", "/jobs/1", "/openings/#{b}/measure", "/openings/#{a}/measure", "/openings/#{b}/size", "/openings/#{a}/size",
      "/openings/#{b}/choose",
      "/openings/#{b}/prepare", *%w[A D F].map { |letter| "/openings/#{opening(letter, "Osier Weir").id}/size" },
      "/openings/#{b}/cut", "/openings/#{b}/hang", "/openings/#{b}/adjust",
      "/openings/#{opening("D", "Osier Weir").id}/adjust", "/openings/#{b}/log",
      "/openings/#{opening("H", "Osier Weir").id}/prepare", "/openings/#{opening("E", "Osier Weir").id}/prepare",
      *%w[look take-down mend rehang].flat_map { |stage| [slider, pocket].map { |id| "/openings/#{id}/#{stage}" } },
      "/kits/twin-42/copy", "/jobs/1?new=1", "/rack", "/jobs/1/cut", "/jobs/1/price", "/openings/#{b}/working",
      "/kits", "/rules", "/kits/twin-42",
      "/search?q=bunk", "/account", "/crew", "/along", "/practice",
      "/practice/panel-width/7?level=4", "/visits", "/visits/hours", "/backups", "/jobs/1/visits",
      "/jobs/1/visits?put[B-cover]=2027-05-03",
      "/jobs/1/built", "/openings/#{b}/built", "/kits/twin-42/built", "/openings/#{b}/hand-over",
      "/openings/#{opening("H", "Osier Weir").id}/hand-over", "/openings/#{slider}/hand-over",
      "/openings/#{b}/sheet"]
  end

  around { |example| with_axe { example.run } }
  after { Browser.theme(session, "light") }

  it "has nothing that axe finds serious by day and by night, does not scroll sideways, keeps its own policy" do
    session.driver.browser.logs.get(:browser) # what earlier examples left
    Share.of(screens, 12).each do |path|
      session.visit(path)
      faults = grave_faults
      expect(faults).to eq([]), "#{path}: #{faults}"
      expect(sideways).to eq(0), path unless path.end_with?("sheet")
      Browser.theme(session, "dark")
      faults = grave_faults(only: "color-contrast")
      expect(faults).to eq([]), "#{path} in the dark: #{faults}"
      Browser.theme(session, "light")
    end
    expect(session.driver.browser.logs.get(:browser).map(&:message)).to eq []
  end

  # The walk looks over every page at a phone's width. What it does not come to is looked at here: pages of a question,
  # and Measure, which a phone asks reading by reading from the start.
  it "has nothing that axe finds serious on a phone, does not scroll sideways, and is hit by a gloved finger" do
    Browser.size(session, Browser::PHONE)
    asked = screens.select { |path| path.end_with?("/measure") || path.include?("?") }
    Share.of(asked, 3).each do |path|
      session.visit(path)
      faults = grave_faults
      expect(faults).to eq([]), "#{path}: #{faults}"
      expect(sideways).to eq(0), path
      expect(small_targets).to eq([]), path
    end
  end

  # What is pressed and is lower than a gloved finger hits, as the walk has it.
  def small_targets = session.evaluate_script(LOOK_OVER).grep(/gloved finger/)

  it "is reached whole by the Tab key" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/size")
    session.execute_script(<<~JS)
      window.reached = new Set()
      document.addEventListener("focusin", (seen) => window.reached.add(seen.target))
      window.controls = [...document.querySelectorAll("a[href], input:not([type=hidden]), select, summary, button")]
        .filter((one) => one.checkVisibility())
    JS
    all = session.evaluate_script("window.controls.length")
    session.driver.browser.action.send_keys(*[:tab] * (all + 10)).perform # what rolls has the keyboard too
    missed = "window.controls.filter((one) => one.isConnected && !window.reached.has(one))" \
      ".map((one) => one.outerHTML.slice(0, 80))"
    expect([all > 20, session.evaluate_script(missed)]).to eq [true, []]
  end

  # Each stands in the window already, where the bar of what is next lies over it.
  hidden_in_focus = <<~JS
    [...document.querySelectorAll("#work :is(a[href], button, select, summary, textarea, input:not([type=hidden]))")]
      .filter((one) => one.checkVisibility() && !one.closest(".next, [hidden]")).filter((one) => {
        scrollTo(0, scrollY + one.getBoundingClientRect().bottom - innerHeight + 4)
        document.activeElement.blur()
        one.focus()
        return one.getBoundingClientRect().bottom > document.querySelector(".next").getBoundingClientRect().top
      }).map((one) => one.outerHTML.slice(0, 80))
  JS

  it "shows above the bar of what is next whatever has the keyboard" do
    [Browser::DESK, Browser::PHONE].product(["/visits", "/openings/#{opening("B", "Osier Weir").id}/hang"])
      .each do |window, path|
        Browser.size(session, window)
        session.visit(path)
        expect([path, window, session.evaluate_script(hidden_in_focus)]).to eq [path, window, []]
      end
  end

  it "takes one reading at a time on a phone, the tape line shown" do
    Browser.size(session, Browser::PHONE, mobile: true)
    session.visit("/openings/#{opening("B", "Osier Weir").id}/measure")
    expect(session.all(".tapes .field", minimum: 1).count(&:visible?)).to eq 1
    type("survey-widths-top", "1807")
    expect(session).to have_css(".one-by-one", text: "2 of 13")
    expect(session).to have_css("#survey-widths-middle:focus")
    expect(session).to have_css(".tape.now[data-reading='widths.middle']")
    9.times do |place|
      session.click_button("Next")
      session.assert_selector(".one-by-one", text: "#{place + 3} of 13")
    end
    expect(session).to have_css("[data-facts] .field.now .form-select, [data-facts] .field.now .form-control")
  end

  it "stays on a reading that is refused on a phone, says what is wrong, and takes it once it is mended" do
    Browser.size(session, Browser::PHONE, mobile: true)
    session.visit("/openings/#{opening("B", "Osier Weir").id}/measure")
    type("survey-widths-top", "18o2")
    expect(session).to have_css(".one-by-one", text: "1 of 13 · 1 not taken")
    expect(session).to have_css(".field.now", text: "\"18o2\"")
    expect(session).to have_css("#survey-widths-top:focus")
    type("survey-widths-top", "1802")
    expect(session).to have_css(".one-by-one", text: /2 of 13(?! ·)/)
    expect(book.openings.find(opening("B", "Osier Weir").id).document["survey.widths.top"].to_s).to include("1802")
  end

  it "prints the sheet on one A4 page" do
    session.visit("/openings/#{opening("B", "Osier Weir").id}/sheet")
    paper = session.driver.browser.execute_cdp("Page.printToPDF", preferCSSPageSize: true)["data"].unpack1("m")
    expect(paper.scan(%r{/Type\s*/Page\b}).length).to eq 1
    expect(paper[/MediaBox\s*\[([^\]]+)/, 1].split.map(&:to_f).last(2))
      .to match([be_within(1).of(595), be_within(1).of(842)])
  end
end
