# frozen_string_literal: true

require "support/as_read"

# What every kind of form of the demo does, sent with something else in each of its fields: where it goes on to or what
# it answers, and what the book holds then, a mark each. Each is taken back before the next. That none of it has moved
# unless it is meant to: `bin/test --as-read` writes the marks anew.
RSpec.describe "What every form does", :demo do
  include Site

  around { |example| Timecop.freeze(Site::MORNING) { example.run } }

  before do
    serve(by_itself: Site::FITTER)
  end

  # What differs each time: keys that are drawn, and what proves who sends.
  drawn = /[\w-]{22,}/
  # Told by themselves in their own specs: they end what the next would stand on, draw a key, or ask outside the book.
  left_out = %r{/account/|/crew/invitations|/password\z|/visits/feed|/backups|/papers\z|/pictures\b|/file\b|archive|
    /practice/(rounds|crew)\z}x

  def pages
    openings = book.jobs.all.flat_map { |job| book.openings.of(job.id) }.uniq { |row| manner_of(row) }
    own = openings.flat_map do |row|
      others = YellowTrack::Desk::KeptOpening.new(book, row).others?
      (YellowTrack::Desk::Stage.on_rail(others).map(&:key) + %w[log]).map { |stage| "/openings/#{row.id}/#{stage}" }
    end
    jobs = book.jobs.all.map(&:id).product(["/cut", "/price", "/visits", "/terms", ""])
      .map { |id, way| "/jobs/#{id}#{way}" }
    ["/?all=1&new=1", "/jobs/1?new=1", *jobs, *own, "/rules", "/rack", "/kits/twin-42/copy", "/kits/fold-34/copy",
      "/kits/bar-1/copy", "/visits", "/visits/hours", "/crew", "/practice", "/practice/tightest/7",
      "/today?crew=south-2", "/practice/which-way/7", "/practice/what-ails/7", "/causes", "/jobs/3/offers/2027-001"]
  end

  # A form's kind: where it sends, what is in it, what it writes.
  def kind_of(form)
    key = form.at_css("[name=key]")&.[]("value")
    ["#{form["action"]}#{form["hx-post"]}".gsub(/\d+/, "N"), key&.gsub(/\d+|\.[A-Z]\./, "."),
      *form.css("[name]").map { |one| one["name"].gsub(/\d+/, "N") }.uniq.sort].compact
  end

  # Its fields as somebody sends them who has put something else in each; a button of it is pressed.
  def changed(form)
    fields = form.css("input[name], select[name], textarea[name]").reject { |one| one["type"] == "file" }
    values = fields.filter_map { |one| value_of(one)&.then { |value| [one["name"], value] } }
    button = form.css("button[name]").last
    button ? [*values, [button["name"], button["value"].to_s]] : values
  end

  def value_of(one)
    return one["value"].to_s if one["type"] == "hidden"
    return other_option(one) if one.name == "select"

    case one["type"]
    when "checkbox" then (one["checked"] ? nil : one["value"] || "on")
    when "radio" then (one["checked"] ? nil : one["value"])
    when "date" then "2027-03-15"
    else other_text((one.name == "textarea") ? one.text : one["value"].to_s)
    end
  end

  def other_option(select)
    options = select.css("option")
    other = options.find { |option| option["selected"].nil? && !option["value"].to_s.empty? } || options.first
    other ? other["value"].to_s : ""
  end

  def other_text(text)
    return "7" if text.empty?

    text.match?(/\A-?\d+(\.\d+)?\z/) ? (text.to_r + 1).to_f.to_s.delete_suffix(".0") : "#{text} b"
  end

  # What comes of it, without what is drawn anew each time.
  define_method(:comes_of) do |form|
    path, htmx = form["hx-post"] || form["action"], !form["hx-post"].nil?
    post(path, Rack::Utils.build_query(changed(form)),
      {"HTTP_HOST" => Site::HOST, "CONTENT_TYPE" => "application/x-www-form-urlencoded",
       **(htmx ? {"HTTP_HX_REQUEST" => "true"} : {})})
    gone = last_response["location"].to_s.sub(%r{\Ahttps?://[^/]+}, "").gsub(drawn, "")
    [last_response.status, gone, AsRead.whole(last_response.body.gsub(drawn, "")), held].join(" ")
  end

  # Rows of the book, by table, but for what is drawn anew, and what is looked up in it.
  def rows
    tables = book.db.tables.sort.grep_v(/\Afound|session|once|\Asent\z|pictures|papers/)
    tables.flat_map { |table| book.db[table].all.map { |row| [table, row] } }
  end

  # A mark of what it put in the book, and took out of it.
  define_method(:held) do
    now = rows
    AsRead.mark([now - @before, @before - now].to_s.gsub(drawn, ""))
  end

  it "is what it did" do
    seen, told, @before = {}, [], rows
    pages.each do |path|
      look(path)
      expect(last_response.status).to eq(200), path
      page.css("form").select { |form| form["method"] == "post" || form["hx-post"] }.each do |form|
        kind = kind_of(form)
        next if seen[kind] || (form["hx-post"] || form["action"]).match?(left_out)

        seen[kind] = true
        book.db.transaction(rollback: :always) { told << "#{path} #{kind.first(2).join(" ")}: #{comes_of(form)}\n" }
      end
    end
    before = AsRead.kept("forms.marks", told.join).lines
    expect([(told - before).first(5), (before - told).first(5)]).to eq [[], []]
  end
end
