# frozen_string_literal: true

require "capybara/rspec"
require "tmpdir"
require "support/browser"

Browser.register

# The demo job in the real browser, on a database of its own for each example.
RSpec.shared_context "with the demo in the browser" do
  around do |example|
    Dir.mktmpdir do |folder|
      @book = Template.copied(:demo, "#{folder}/demo.sqlite3") { |book| YellowTrack::Demo::Loader.new("").fill(book) }
      Browser.app = YellowTrack::Web::App.on(@book, secret: "b" * 64, by_itself: "Runa")
      @session = Browser.session
      example.run
    ensure
      Browser.leave
      @book.close
    end
  end

  include Capybara::RSpecMatchers # not_to have_css waits until it is gone; RSpec's own waits for it to come
  attr_reader :session, :book

  before do
    Site.hurried(self)
    Browser.front(session)
    Browser.size(session, Browser::DESK)
  end

  def opening(letter, job)
    book.openings.of(book.jobs.all.find { |found| found.name == job }.id).find { |row| row.letter == letter }
  end

  # Types into a field as a person does, and goes on with Enter.
  def type(id, text)
    session.find_field(id).send_keys([:control, "a"], text, :enter)
  end

  def sideways = session.evaluate_script("document.documentElement.scrollWidth - document.documentElement.clientWidth")

  # How many words stand on the page to be read before anything is opened: no unit, no letter of a panel, of a
  # list that is picked from what is picked.
  def words_to_read
    session.evaluate_script(<<~'JS')
      [...document.querySelectorAll("#work *:not(script, style, noscript, title, desc)")].flatMap((one) => {
        const seen = one.matches("option:not(:checked)") ? null : one.closest("select") ?? one;
        const shown = seen?.checkVisibility({visibilityProperty: true})
        if (!shown || one.closest(".visually-hidden, title, desc")) return [];
        return [...one.childNodes].filter((node) => node.nodeType === Node.TEXT_NODE)
          .flatMap((node) => node.textContent.split(/\s+/)).filter((word) => /[a-z]{2}/i.test(word))
          .filter((word) => !/^(mm|kg|in|kg.m²)[.,;:]?$/.test(word));
      })
    JS
  end

  # Has every page that is loaded in the block bring axe along: sent to each it takes longer than it works.
  def with_axe
    given = session.driver.browser.execute_cdp("Page.addScriptToEvaluateOnNewDocument", source: Axe::SCRIPT)
    yield
  ensure
    session.driver.browser.execute_cdp("Page.removeScriptToEvaluateOnNewDocument", identifier: given["identifier"])
  end

  # What axe finds that is serious or critical, a line each.
  #
  # @param only [String, nil] a rule of its
  def grave_faults(only: nil)
    session.execute_script(Axe::SCRIPT) unless session.evaluate_script("!!window.axe")
    options = {resultTypes: ["violations"], preload: false, **(only ? {runOnly: [*only]} : {})}.to_json
    found = session.evaluate_async_script("axe.run(#{options}).then((found) => arguments[0](found.violations))")
    found.select { |fault| %w[serious critical].include?(fault["impact"]) }
      .map { |fault| "#{fault["id"]}: #{fault["nodes"].map { |node| node["html"] }.first(3).join(" ")}" }
  end
end

# What is wrong with a page as it stands in its window, a line each.
LOOK_OVER = File.read("#{__dir__}/look_over.js").freeze

# The axe script that the gem carries.
module Axe
  SCRIPT = File.read(Dir["#{Gem::Specification.find_by_name("axe-core-api").gem_dir}/**/axe.min.js"].first)
end
