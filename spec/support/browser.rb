# frozen_string_literal: true

require "capybara"
require "selenium-webdriver"

# Debian's headless Chromium, driven offline: browser and driver by path, and
# no name but this machine's resolved. The shell that has no window to draw: the same engine, for a third less work.
module Browser
  PROGRAM = "/usr/lib/chromium/chromium-headless-shell" # what the driver can end; /usr/bin has a script before it
  SWITCHES = %w[
    no-sandbox disable-gpu disable-dev-shm-usage no-first-run disable-background-networking
    disable-component-update disable-sync force-prefers-reduced-motion hide-scrollbars force-device-scale-factor=1
    font-render-hinting=none
  ].freeze
  RESOLVER = "host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost"

  LOCK = Mutex.new
  DESK = [1280, 800].freeze
  PHONE = [390, 844].freeze

  EMPTY = "/nothing" # a page beside the application's, which is not asked for it

  # A page that is loaded anew while it is looked at: the driver calls an element of the
  # one before an unknown error, and it is looked for again.
  class Patient < Capybara::Selenium::Driver
    def invalid_element_errors = super + [Selenium::WebDriver::Error::UnknownError]
  end

  class << self
    # The application that the one browser is shown, an example's own.
    attr_accessor :app

    # One browser for all examples: starting it takes seconds.
    def session
      @session ||= Capybara::Session.new(:chromium, ->(env) {
        next [200, {"content-type" => "text/html"}, ["<!doctype html>"]] if env["PATH_INFO"] == EMPTY

        counted { app.call(env) }
      })
    end

    # Leaves an example's page for an empty one and lets go of its cookies and of what it stored. It stays with the
    # same server: for about:blank and for the next page after it the browser begins a process each, which takes
    # longer than three pages.
    def leave
      shut_others
      session.visit(EMPTY)
      quiet
      session.driver.browser
        .execute_cdp("Storage.clearDataForOrigin", origin: "*", storageTypes: "cookies,local_storage")
      session.raise_server_error!
    end

    private

    # Closes all windows but the first.
    def shut_others
      first, *others = session.driver.window_handles
      others.each { |window| session.driver.close_window(window) }
      session.driver.switch_to_window(first)
    end

    # Waits until nothing is answered any more: a late answer would bring the cookie of an example that is over.
    def quiet(seconds = 10)
      finish = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
      sleep 0.05 while @answering.to_i.positive? && Process.clock_gettime(Process::CLOCK_MONOTONIC) < finish
    end

    def counted
      LOCK.synchronize { @answering = @answering.to_i + 1 }
      yield
    ensure
      LOCK.synchronize { @answering -= 1 }
    end
  end

  module_function

  def register
    Capybara.register_driver(:chromium) do |app|
      Patient.new(app, browser: :chrome, options:, service:)
    end
    Capybara.server = :puma, {Silent: true, Threads: "1:5"}
    Capybara.server_host = "127.0.0.1"
    Capybara.default_driver = :chromium
    Capybara.default_max_wait_time = 15 # seconds: on a machine that is lent to others too
    Capybara.default_retry_interval = 0.4 # asking every 10 ms is most of the work, where a page takes a second
  end

  def options
    Selenium::WebDriver::Chrome::Options.new(binary: PROGRAM).tap do |options|
      [*SWITCHES, RESOLVER].each { |switch| options.add_argument("--#{switch}") }
      options.timeouts = {script: 120_000} # ms: axe on a large page, on a machine that others use too
    end
  end

  def service = Selenium::WebDriver::Chrome::Service.new(path: "/usr/bin/chromedriver")

  # Day or night, as the system says it.
  def theme(session, name)
    session.driver.browser.execute_cdp("Emulation.setEmulatedMedia",
      features: [{name: "prefers-color-scheme", value: name}])
  end

  # The page in hand has the keyboard, whatever windows came and went before.
  def front(session) = session.driver.browser.execute_cdp("Emulation.setFocusEmulationEnabled", enabled: true)

  # A finger put down, drawn along and lifted.
  def swipe(session, from, to, steps: 10)
    touch = ->(type, *at) {
      session.driver.browser
        .execute_cdp("Input.dispatchTouchEvent", type:, touchPoints: at.map { |x, y| {x:, y:} })
    }
    touch.call("touchStart", from)
    (1..steps).each do |step|
      touch.call("touchMove", from.zip(to).map { |one, other| one + (other - one) * step / steps })
    end
    touch.call("touchEnd")
  end

  # The window's size is no promise of the page's: the device's measures are.
  def size(session, (width, height), mobile: false)
    session.driver.browser.execute_cdp("Emulation.setDeviceMetricsOverride",
      width:, height:, deviceScaleFactor: 1, mobile:)
  end
end
