# frozen_string_literal: true

require_relative "browser_helper"
require "rack/test"
require "support/share"

# What the walk looks at, and how.
module Walk
  WIDTHS = [1280, 768, 390].freeze
  HIGH = 9_000 # px of a window that nearly every page is lower than
  # These differ by how an opening's doors hang; any other page of an opening is looked at once.
  BY_MANNER = %r{\A/openings/(\d+)/(measure|size|prepare|cut|hang|adjust|look|take-down|mend|rehang|sheet|drilling)\z}
  LEFT_OUT = /[?&](unit|only|again|put)\b|%5B|\[/ # the same pages in another light
  # What rolls is given to the keyboard once its new width is known, a frame or two later.
  SETTLED = "requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(arguments[0], 20)))"
  FILE = /\.(pdf|json|csv|ics|svg|zip)(\?|\z)/
  # What kind of document came, and how it was answered.
  CAME = "[document.contentType, performance.getEntriesByType('navigation')[0].responseStatus]"
  LINKS = "[...document.querySelectorAll('a[href]')].map((link) => link.getAttribute('href'))"
  # A bench grows with its window; here it is as large as it was in one that is 800 high.
  AS_BEFORE = <<~JS
    (() => {
      document.querySelectorAll(".bench").forEach((bench) => bench.style.setProperty("--bench-high", "538px"))
      return document.documentElement.scrollHeight
    })()
  JS
  # In a window of 1280 by 800: a page of one kind, its bench between rail and what is next, and type in the sizes
  # that there are; a drawing has its own.
  IN_WINDOW = <<~JS
    (() => {
      const work = document.getElementById("work")
      if (!work) return document.body.classList.contains("paper") ? [] : ["has no work on it"]
      const faults = /kind-(bench|rows|sheet)/.test(work.className) ? [] : ["is of no kind"]
      const bench = document.querySelector(".size-drawings .set svg")?.getBoundingClientRect().bottom
      if (bench > document.querySelector(".next")?.getBoundingClientRect().top) faults.push("its bench goes under Next")
      const probe = document.body.appendChild(document.createElement("p"))
      const sizes = ["far", "figure", "title", "name", "text", "note"].map((role) => {
        probe.style.fontSize = `var(--${role})`
        return getComputedStyle(probe).fontSize
      })
      probe.remove()
      const texts = document.createTreeWalker(work, NodeFilter.SHOW_TEXT)
      while (texts.nextNode()) {
        const on = texts.currentNode.parentElement
        const size = getComputedStyle(on).fontSize
        if (texts.currentNode.data.trim() && on.checkVisibility() && !on.closest("svg, .fraction, code") &&
            !sizes.includes(size))
          faults.push(`type of ${size}: ${texts.currentNode.data.trim().slice(0, 40)}`)
      }
      return [...new Set(faults)]
    })()
  JS
  # Every field of a page that is told something new, by its kind: one of each.
  KINDS = <<~JS
    Object.fromEntries([...document.querySelectorAll("form.field")]
      .map((form) => [[...form.classList].find((one) => /^field-|^answer|^symptom/.test(one)) ?? "other", form.id]))
  JS
  # As a hand would: a button is pressed, a box ticked, another choice taken, another number typed.
  CHANGE = <<~JS
    ((form) => {
      form.closest("details")?.setAttribute("open", "")
      const button = form.querySelector("button[name=value]")
      if (button) return button.click()
      form.querySelectorAll("input:not([type=hidden]), select").forEach((one, place) => {
        if (one.type === "checkbox") return one.click()
        const other = [...(one.options ?? [])].find((option) => !option.selected)
        one.value = other ? other.value : String((Number.parseInt(one.value, 10) || 0) + 1 + 3 * place)
        for (const type of ["input", "change"]) one.dispatchEvent(new Event(type, { bubbles: true }))
      })
    })(document.getElementById(arguments[0]))
  JS
end

# Every page that links reach, looked over as a whole; then kinds of save on every stage, and a link after each. A
# stage is looked at for one way of hanging here, another by each seed, at one of two widths, and a share of the saves
# is made; `bin/bench whole` walks all ways, at three widths, and makes every save.
RSpec.describe "A walk over the whole" do
  include_context "with the demo in the browser"
  include Rack::Test::Methods

  def app = Browser.app

  # Goes to every page that links reach from the first one, to one of each kind, in an order of the seed's. Every
  # fifth comes into the window, and all where all of it is walked; the rest and what is a file are asked for alone.
  #
  # @yieldparam path [String] of the page that is in the window
  # @yieldparam turn [Integer] how many were there before it
  # @return [Array] what the block gives of each
  def on_every_page
    seen, ahead, given, random = {}, ["/"], [], Random.new(RSpec.configuration.seed)
    while (path = ahead.delete_at(random.rand([ahead.length, 1].max)))
      kind = kind_of(path)
      next if seen[kind]

      seen[kind] = true
      looked_at = Share.takes?(seen.length, 5)
      next unless looked_at ? page_in_window?(path) : there?(path)

      ahead.concat(led_to(path, looked_at ? session.evaluate_script(Walk::LINKS) : printed_links))
      given << yield(path, given.length) if looked_at
    end
    given
  end

  # Pages of one kind are looked at once: of a kit, of what is picked on them, and, unless all of it is walked, of a way
  # of hanging, a drill, a family.
  def kind_of(path)
    kind = path.gsub(%r{/kits/[^/?]+}, "/kits/k").sub(/(?<=[?&])(piece|place|panel|crew)=[\w-]+/, '\1=one')
      .gsub(/\d+/, "n")
    return kind.sub(%r{practice/[a-z-]+/}, "practice/drill/").sub(/family=[a-z-]+/, "family=one") unless Share::WHOLE

    id, stage = Walk::BY_MANNER.match(path)&.captures
    id ? [stage, *manner_of(id.to_i)].join(" ") : kind
  end

  # How an opening's doors hang, in which unit it was measured, and whether they hang already.
  def manner_of(id)
    @manners ||= Hash.new do |all, one|
      opening = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(one))
      all[one] = [opening.kit.manner.key, opening.opening.units, opening.service.on?]
    end
    @manners[id]
  end

  def page_in_window?(path)
    return there?(path) && false if Walk::FILE.match?(path)

    Browser.size(session, Browser::DESK)
    session.visit(path)
    kind, status = session.evaluate_script(Walk::CAME)
    expect(status).to be < 400, "#{path}: #{status}"
    kind == "text/html"
  end

  # That it is there, and whether it is a page; a file is none.
  def there?(path)
    get(path, {}, "HTTP_HOST" => "127.0.0.1")
    expect(last_response.status).to be < 400, "#{path}: #{last_response.status}"
    page = last_response["content-type"].start_with?("text/html")
    expect(page).to be(false), path if Walk::FILE.match?(path)
    page
  end

  # Links of the page that was asked for alone.
  def printed_links = Nokogiri::HTML5(last_response.body).css("a[href]").map { |link| link["href"] }

  # Paths that a page's links lead to.
  def led_to(path, links)
    links.map { |to| to.sub(/#.*/, "") }
      .reject { |to| to.empty? || to.match?(/\A[a-z]+:/) || Walk::LEFT_OUT.match?(to) }
      .map { |to| to.start_with?("?") ? path.sub(/\?.*/, "") + to : to }.uniq
  end

  # At least as high as the page is, so that everything is in view: most are at once.
  def looked_over(width)
    Browser.size(session, [width, Walk::HIGH])
    high = session.evaluate_script(Walk::AS_BEFORE)
    Browser.size(session, [width, high + 200]) if high > Walk::HIGH
    session.evaluate_async_script(Walk::SETTLED) if width == Walk::WIDTHS.last
    session.evaluate_script(LOOK_OVER).map { |fault| "#{width}: #{fault}" }
  end

  # A page is looked over as a whole at a desk's width or at a phone's, and at all of them where all of it is walked.
  def widths(turn) = Share::WHOLE ? Walk::WIDTHS : [Walk::WIDTHS.values_at(0, -1)[turn % 2]]

  def console = session.driver.browser.logs.get(:browser).map(&:message)

  it "finds every page whole: nothing covered, outside, too small, unseen in focus, or said to the console" do
    console # what earlier examples left
    faults = on_every_page do |path, turn|
      found = session.evaluate_script(Walk::IN_WINDOW).map { |fault| "1280: #{fault}" } +
        widths(turn).flat_map { |width| looked_over(width) } + console
      found.map { |fault| "#{path} at #{fault}" }
    end.flatten
    expect(faults.first(20)).to eq([]), faults.first(20).join("\n")
  end

  it "would tell what is covered, outside, too small, unseen in focus, or lies over other words" do
    session.visit("/rack")
    session.execute_script(<<~JS)
      document.getElementById("work").insertAdjacentHTML("afterbegin", '<div id="bad"><p class="quiet">small</p>' +
        '<button class="btn">under</button><div></div><a href="/">far</a></div>' +
        '<p id="heap">many words <b>over them</b></p>')
      Object.assign(document.querySelector("#heap b").style, { position: "relative", left: "-40px" })
      const [small, under, over, far] = document.getElementById("bad").children
      small.style.fontSize = "11px"
      document.getElementById("bad").style.position = "relative"
      Object.assign(over.style, { position: "absolute", inset: "0", zIndex: 9 })
      small.insertAdjacentHTML("afterend", '<p id="rolls"><b>rolls</b></p>')
      Object.assign(document.getElementById("rolls").style, { width: "90px", overflowX: "auto" })
      document.querySelector("#rolls b").style.paddingLeft = "300px"
      Object.assign(far.style, { position: "absolute", left: "3000px", outline: "none" })
    JS
    Browser.size(session, Browser::DESK)
    expect(looked_over(1280).join("\n")).to match(/text of 11/).and match(/its middle belongs to.*under/)
      .and match(/outside the page.*far/).and match(/does not show it.*far/)
      .and match(/many words.*lies over.*over them/)
    expect(looked_over(390).join("\n")).to match(/scrolls sideways/).and match(/reached by keys.*rolls/)
    session.visit("/openings/#{opening("B", "Osier Weir").id}/hang")
    session.execute_script("document.querySelector('summary').style.cssText = 'min-height: 0; height: 20px'")
    expect(looked_over(390).join("\n")).to match(/lower than a gloved finger.*summary/)
  end

  describe "after a save" do
    let(:pages) do
      on = ->(letter, job, *stages) { stages.map { |stage| "/openings/#{opening(letter, job).id}/#{stage}" } }
      [*on.call("B", "Osier Weir", "measure", "size", "prepare", "adjust"), *on.call("D", "Osier Weir", "adjust"),
        *on.call("B", "Tern House", "look", "take-down", "mend", "rehang")]
    end

    def saved_on(path)
      session.visit(path)
      Share.of(session.evaluate_script(Walk::KINDS).to_a, 8).each do |kind, id|
        session.visit(path) unless session.current_path == path
        next unless session.has_css?("[id='#{id}']", visible: :all, wait: 0)

        session.execute_script(Walk::CHANGE, id)
        expect(session).to have_link("rack", exact: true),
          -> { "#{path}, after #{kind} (#{id}): #{session.text[0, 200]}" }
        session.click_link("rack", exact: true)
        expect(session).to have_current_path("/rack"), "#{path}, after #{kind} (#{id}): the link goes nowhere"
      end
    end

    it "a link goes where it says, whatever was saved on whatever stage" do
      console # what earlier examples left
      pages.each { |path| saved_on(path) }
      expect(console).to eq []
    end

    it "a step that is ticked and a note that is kept leave a page whose links go on" do
      b = opening("B", "Osier Weir").id
      session.visit("/openings/#{b}/hang")
      session.first(".step-tick[aria-pressed='false']").click
      session.click_link("rack", exact: true)
      expect(session).to have_current_path("/rack")
      session.visit("/openings/#{b}/measure")
      session.find("#own-notes summary").click unless session.has_css?("#own-notes[open]", wait: 0)
      session.fill_in("Notes", with: "Skirting comes off.")
      session.click_button("Keep the note")
      session.click_link("rack", exact: true)
      expect(session).to have_current_path("/rack")
    end
  end
end
