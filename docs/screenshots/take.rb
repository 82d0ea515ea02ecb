# frozen_string_literal: true

require "tmpdir"
require_relative "../../boot"
require "support/browser"

# Each picture: its name, the page, the size it is taken at, and what is pressed first.
VIEWS = {
  "wall" => ["/?all=1", Browser::DESK], "today" => ["/", Browser::PHONE], "job" => ["/jobs/1", Browser::DESK],
  "measure" => ["/openings/2/measure", Browser::DESK],
  "look" => ["/openings/10/look", Browser::DESK],
  "kit" => ["/kits/twin-42/copy", Browser::DESK],
  "choose" => ["/openings/3/choose", Browser::DESK],
  "size" => ["/openings/1/size", Browser::DESK, "Guide at"],
  "sheet" => ["/openings/2/sheet", Browser::DESK],
  "prepare" => ["/openings/8/prepare", Browser::DESK], "cut" => ["/openings/4/cut", Browser::DESK],
  "hang" => ["/openings/6/hang", Browser::DESK], "adjust" => ["/openings/2/adjust", Browser::DESK],
  "visits" => ["/visits", Browser::DESK], "offer" => ["/jobs/3/offers/#{Date.today.year}-001", Browser::DESK],
  "hand-over" => ["/openings/8/hand-over", Browser::DESK],
  "practice" => ["/practice", Browser::DESK],
  "log" => ["/openings/2/log", Browser::DESK],
  "price" => ["/jobs/1/price", Browser::DESK]
}.freeze

Browser.register
Dir.mktmpdir do |folder|
  book = YellowTrack::Store::Book.open("#{folder}/demo.sqlite3")
  YellowTrack::Demo::Loader.new("").fill(book)
  Browser.app = YellowTrack::Web::App.on(book, secret: "p" * 64, by_itself: "Runa")
  VIEWS.each do |name, (path, size, pressed)|
    Browser.size(Browser.session, size)
    Browser.session.visit(path)
    Browser.session.assert_selector("main")
    Browser.session.click_button(pressed) if pressed
    Browser.session.evaluate_async_script("document.fonts.ready.then(() => arguments[0](true))")
    Browser.session.driver.browser.save_screenshot("#{__dir__}/#{name}.png")
    puts name
  end
ensure
  Browser.session.quit
  book.close
end
