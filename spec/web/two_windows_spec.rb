# frozen_string_literal: true

require "open3"
require "support/share"

# Every form of the product in two windows on the same thing: what the one did not see is not
# replaced by it, and is told; what is only added is added once, however often it is pressed.
RSpec.describe "Two windows", :demo do
  include Site

  # Forms by where they send, and what keeps them from overwriting: was, what they were printed
  # with; seen, the version of what they write in; once, that they only add, or do what can be done
  # once alone.
  def kinds
    {%r{/rules\z} => :was, %r{/jobs/\d+/price\z} => :was, %r{/jobs/\d+/offers\z} => :was,
     %r{/visits/hours\z} => :was, %r{/visits/feed\z} => :was, %r{/openings/\d+/notes\z} => :was,
     %r{/(jobs|openings)/\d+/name\z} => :was, %r{/crew/firm\z} => :was, %r{/crew/\d+/(role|password)\z} => :was,
     %r{/openings/\d+/(service/)?steps\z} => :was, %r{/openings/\d+/waits\z} => :was,
     %r{/jobs/\d+/visits/steps\z} => :was, %r{/kits/[\w.-]+/copy\z} => :was, %r{/kits/file\z} => :was,
     %r{/openings/\d+/hand-over\z} => :was, %r{/openings/\d+/moves(/back)?\z} => :was, %r{/rack/stock\z} => :was,
     %r{/openings/\d+/override/} => :was,
     %r{/openings/\d+/(values|cures|set|service/mended|service/wrong)\z} => :seen, %r{/jobs/\d+/visits\z} => :seen,
     %r{/openings/\d+/(remarks|corrections|pictures|papers|copy|rounds|look-back|earlier|later|service)\z} => :once,
     %r{/(jobs|openings)/\d+/(bin|bring-back|over|again)\z} => :once, %r{/jobs(/archive)?\z} => :once,
     %r{/jobs/\d+/(openings|doors|service|file|papers|cut)\z} => :once, %r{/rack(/\d+/use)?\z} => :once,
     %r{/practice(/.*)?\z} => :once, %r{/backups\z} => :once, %r{/along/(decide|times)\z} => :once,
     %r{/openings/\d+/(service/own|to-build)\z} => :once, %r{/causes/own_\w+/drop\z} => :once,
     %r{/crew/invitations(/\d+/withdraw)?\z} => :once, %r{/crew/\d+/(one-factor|close|open)\z} => :once,
     %r{/visits\z} => :seen, %r{/visits/told\z} => :seen, %r{/visits/told/back\z} => :was, %r{/visits/days\z} => :once,
     %r{/crew/crews/\d+\z} => :was, %r{/crew/(crews|people|away)(/\d+/(end|again|back))?\z} => :once,
     %r{/jobs/\d+/(customer(/forget)?|terms)\z} => :was, %r{/jobs/\d+/road\z} => :once,
     %r{/jobs/\d+/offers/[\d-]+/answer\z} => :was, %r{/account/} => :once}
  end

  def kind_of(form) = kinds.find { |pattern, _| form["action"][/\A[^?]*/].match?(pattern) }&.last

  # What a browser would send of a form.
  def filled(form)
    form.css("input[name], select[name], textarea[name]").reject { |one|
      %w[checkbox radio].include?(one["type"]) && one["checked"].nil? || one["type"] == "file"
    }.to_h do |one|
      value = (one.name == "select") ? (one.at_css("option[selected]") || one.at_css("option")) : one
      [one["name"], value && (value["value"] || value.text).to_s]
    end
  end

  def form_at(path, action, **of)
    look(path)
    found = page.css("form").select { |form| form["method"] == "post" && form["action"].to_s[/\A[^?]*/] == action }
    found = found.select { |form| of.all? { |name, value| filled(form)[name.to_s] == value } }
    filled(found.first || raise("no form to #{action} on #{path}"))
  end

  def sent(action, values) = post(action, values, "HTTP_HOST" => Site::HOST) && last_response.status

  before do
    YellowTrack::Web::AccountCommand.give(book, book.accounts.named("Odo").id, "a pencil behind the ear")
  end

  let(:first) { book.openings.of(1).first.id }

  def pages
    jobs = book.jobs.all.map(&:id)
    openings = jobs.flat_map { |job| book.openings.of(job) }.uniq { |row| manner_of(row) }.map(&:id)
    stages = %w[measure choose size prepare cut hang adjust hand-over log look take-down mend rehang]
    ["/", "/?new=1", "/rules", "/rack", "/kits", "/kits/twin-42/copy", "/visits", "/visits/hours", "/crew", "/backups",
      "/account", "/practice", "/practice/tightest/learn", "/practice/tightest/7",
      *jobs.flat_map { |job| ["/jobs/#{job}", "/jobs/#{job}/price", "/jobs/#{job}/cut", "/jobs/#{job}/visits"] },
      *Share.of(openings.product(stages), 3).map { |id, stage| "/openings/#{id}/#{stage}" }]
  end

  it "has every form say what it was printed with, what it saw, or that it only adds; each by a number of its own" do
    unsaid, numbers, seen = [], [], Hash.new(0)
    pages.each do |path|
      look(path)
      page.css("form").select { |form| form["method"] == "post" }.each do |form|
        kind, values = kind_of(form), filled(form)
        seen[kind] += 1
        numbers << values["once"]
        own = {was: values.keys.any? { |name| name.start_with?("was[") }, seen: values.key?("seen") || form["hx-post"],
               once: !values["once"].to_s.empty?}
        unsaid << [path, form["action"]] unless kind && own.fetch(kind)
      end
    end
    expect(unsaid).to eq []
    expect(numbers.uniq.length).to eq numbers.length
    expect(seen.values_at(:was, :seen, :once)).to all(be > 20)
  end

  # A page with a form, its action, what one window changes of it, what the other does, and what
  # then stands as the first made it.
  def replaced
    {["/rules", "/rules"] => ["offer.currency", "crowns", "marks", -> { book.house_rules.all["offer.currency"] }],
     ["/jobs/1/price", "/jobs/1/price"] => ["price[rate]", "51", "52", -> { book.prices.all["rate"].to_i.to_s }],
     ["/visits/hours", "/visits/hours"] => ["visits.travel", "51", "52", -> { book.house_rules.all["visits.travel"] }],
     ["/openings/#{first}/measure", "/openings/#{first}/notes"] =>
       ["notes", "The stair is steep.", "The dog bites.", -> { book.openings.find(first).notes }],
     ["/jobs/1", "/jobs/1/name"] => ["name", "Osier Wier", "Tern House", -> { book.jobs.find(1).name }],
     ["/jobs/1?keep=1", "/openings/#{first}/name"] =>
       ["name", "Bunk room, left", "Box room", -> { book.openings.find(first).name }],
     ["/jobs/1", "/jobs/1/customer"] => ["remark", "Keys next door", "A dog", -> { book.customers.of(1).remark }],
     ["/jobs/1/terms", "/jobs/1/terms"] => ["travel", "51", "52", -> { book.job_terms.of(1).travel.to_s }],
     ["/crew", "/crew/crews/1"] => ["name", "Upper", "Lower", -> { book.crews.find(1).name }],
     ["/crew", "/crew/firm"] => ["firm", "Two of us", "Three of us", -> { book.accounts.firm }]}
  end

  it "tells a change that was not seen, keeps it, and has what was typed in its field; sent again it counts" do
    replaced.each do |(path, action), (name, mine, other, stands)|
      one, two = form_at(path, action), form_at(path, action)
      expect([action, sent(action, one.merge(name => mine))]).to eq [action, 303]
      expect([action, [409, 422]]).to match [action, include(sent(action, two.merge(name => other)))]
      expect(page.text).to include("changed meanwhile from").and include("You typed \"#{other}\"")
      expect([action, stands.call]).to eq [action, mine]
      field = page.css("[name='#{name}']").map { |each| each["value"] || each.text }
      expect(field).to include(other)
      again = page.css("form").find { |form| form["action"] == action && filled(form)[name] == other }
      expect([action, sent(action, filled(again))]).to eq [action, 303]
      expect([action, stands.call]).to eq [action, other]
      look(path)
      expect(page.text).to include(mine), action if %w[/rules /jobs/1/price /visits/hours /jobs/1/name].include?(action)
    end
  end

  it "changes nothing of another's where nothing was typed" do
    replaced.each do |(path, action), (name, mine, _, stands)|
      one, two = form_at(path, action), form_at(path, action)
      expect(sent(action, one.merge(name => mine))).to eq 303
      expect([action, sent(action, two)]).to eq [action, 303]
      expect([action, stands.call]).to eq [action, mine]
    end
  end

  it "keeps what was changed beside a change of another's" do
    one, two = form_at("/rules", "/rules"), form_at("/rules", "/rules")
    sent("/rules", one.merge("offer.currency" => "crowns"))
    rule = YellowTrack::Files::HouseRules.all.find { |each| each.options.length > 1 }
    value = (rule.options.keys - [two[rule.key]]).first
    expect(sent("/rules", two.merge(rule.key => value))).to eq 303
    expect(book.house_rules.all).to include("offer.currency" => "crowns")
    expect(book.house_rules.all[rule.key] || rule.usual).to eq value
    look("/rules")
    expect(page.text).to include("What they were before")
  end

  it "does what is done at one press of what was seen alone" do
    tern = book.accounts.named("Odo").id
    step = book.openings.of(1).map(&:id).find { |id|
      look("/openings/#{id}/hang")
      page.at_css("form[action$='/steps']")
    }
    {["/crew", "/crew/#{tern}/role", {"role" => "office"}] => /Odo is office since/,
     ["/crew", "/crew/#{tern}/password", {}] => /link for Odo was made meanwhile/,
     ["/visits", "/visits/feed", {}] => /made anew meanwhile/,
     ["/openings/#{step}/hang", "/openings/#{step}/steps", {}] => /ticked meanwhile/,
     ["/rack", "/rack/stock", {"material" => "ply", "length" => "2440", "price" => "9"}] => /Prices of bars were/}
      .each do |(path, action, values), says|
      one, two = form_at(path, action), form_at(path, action)
      expect([action, sent(action, one.merge(values))]).to eq [action, 303]
      expect([action, sent(action, two.merge(values)), page.text]).to match [action, 409, says]
    end
  end

  it "counts a double press once, and another text from the same page as another" do
    remarks = "/openings/#{first}/remarks"
    form = form_at("/openings/#{first}/log", remarks)
    2.times { expect(sent(remarks, form.merge("text" => "The floor is laid."))).to eq 303 }
    expect(sent(remarks, form.merge("text" => "And dry."))).to eq 303
    expect(book.log.of(first, kind: "remark").map(&:after).last(2)).to eq ["The floor is laid.", "And dry."]
    pictures = "/openings/#{first}/pictures"
    form = form_at("/openings/#{first}/log", pictures)
    png, = Open3.capture2("convert", "-size", "8x6", "xc:gray", "png:-", binmode: true)
    2.times do
      dot = Rack::Test::UploadedFile.new(StringIO.new(png), "image/png", true, original_filename: "dot.png")
      expect(sent(sent_to(pictures, form["authenticity_token"]), form.merge("picture" => dot))).to eq 303
    end
    expect(book.log.count(first, kind: "picture")).to eq 1
    offers = form_at("/jobs/1/price", "/jobs/1/offers")
    2.times { sent("/jobs/1/offers", offers) }
    expect(book.offers.of(1).length).to eq 1
    rack = form_at("/rack", "/rack").merge("material" => "pine", "length" => "900")
    before = book.saw.rack.length
    2.times { sent("/rack", rack) }
    expect(book.saw.rack.length).to eq before + 1
  end

  it "makes no offer of a figure that its maker did not see" do
    form = form_at("/jobs/1/price", "/jobs/1/offers")
    book.prices.set("rate", 77r)
    expect([sent("/jobs/1/offers", form), page.text]).to match [409, /figure is another now/]
    expect(book.offers.of(1)).to eq []
  end

  it "puts no kit in another's place unseen, and keeps what it was" do
    action = "/kits/twin-42/copy"
    one, two = form_at(action, action), form_at(action, action)
    id = one["kit[id]"]
    expect(sent(action, one.merge("kit[name]" => "Mine"))).to eq 303
    expect([sent(action, two.merge("kit[name]" => "Other")), page.text])
      .to match [409, /There is a kit "#{id}" already/]
    expect(book.own_kits.sheet(id)["name"]).to eq "Mine"
    again = filled(page.css("form").find { |form| form["action"] == action })
    expect(sent(action, again)).to eq 303
    expect(book.own_kits.sheet(id)["name"]).to eq "Other"
    look("/kits/#{id}/before/0.json")
    expect(JSON.parse(last_response.body)["name"]).to eq "Mine"
  end

  it "takes no move back twice, and turns nothing over another's turn" do
    id = book.openings.of(1).map(&:id).find { |one|
      look("/openings/#{one}/adjust")
      page.at_css("form[action$='/moves']")
    }
    turn, adjust = "/openings/#{id}/moves", "/openings/#{id}/adjust"
    one, two = form_at(adjust, turn), form_at(adjust, turn)
    expect(sent(turn, one.merge("suggested" => "1"))).to eq 303
    expect([sent(turn, two.merge("suggested" => "1", "once" => "")), page.text]).to match [409, /turned meanwhile/]
    expect(book.log.of(id, kind: "move").length).to be >= 1
    one, two = form_at(adjust, "#{turn}/back"), form_at(adjust, "#{turn}/back")
    expect(sent("#{turn}/back", one)).to eq 303
    expect([sent("#{turn}/back", two), page.text]).to match [409, /turn was taken back/]
  end
end
