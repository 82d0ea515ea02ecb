# frozen_string_literal: true

require "json"
require "net/http"

# Chromium's own switch for the network, for a page and for the workers beside it: a worker
# is another target than the page, and has a switch of its own.
class Network
  CUT = {offline: true, latency: 0, downloadThroughput: 0, uploadThroughput: 0}.freeze
  BACK = {offline: false, latency: 0, downloadThroughput: -1, uploadThroughput: -1}.freeze

  # @param session [Capybara::Session] of Chromium
  def initialize(session)
    @browser = session.driver.browser
    address = @browser.capabilities["goog:chromeOptions"]["debuggerAddress"]
    url = JSON.parse(Net::HTTP.get(URI("http://#{address}/json/version"))).fetch("webSocketDebuggerUrl")
    @socket = Selenium::WebDriver::WebSocketConnection.new(url:)
    @workers = {}
  end

  def cut = switch(CUT)

  def back = switch(BACK)

  def close = @socket.close

  private

  def switch(conditions)
    @browser.execute_cdp("Network.enable")
    @browser.execute_cdp("Network.emulateNetworkConditions", **conditions)
    workers.each do |worker|
      ask("Network.enable", {}, worker)
      ask("Network.emulateNetworkConditions", conditions, worker)
    end
  end

  # What each worker is spoken to by.
  def workers
    found = ask("Target.getTargets").fetch("targetInfos").select { |target| target["type"] == "service_worker" }
    found.map do |target|
      id = target["targetId"]
      @workers[id] ||= ask("Target.attachToTarget", {targetId: id, flatten: true}).fetch("sessionId")
    end
  end

  def ask(method, params = {}, worker = nil)
    @socket.send_cmd(method:, params:, **(worker ? {sessionId: worker} : {})).fetch("result")
  end
end
