# frozen_string_literal: true

require "support/as_read"
require "support/share"

# What every kind of form of the demo does, sent with something else in each of its fields, and with what cannot be read
# or is missing there: where it goes on to or what it answers, and what the book holds then, a mark each. Each is taken
# back before the next. That none of it has moved unless it is meant to: `bin/test --as-read` writes the marks anew.
# Each is sent one of the two ways, by another seed the other, and both ways by `bin/bench whole`.
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

  # Its fields as somebody sends them who has put something else in each, or what is none; a button of it is pressed.
  def filled(form, spoilt)
    fields = form.css("input[name], select[name], textarea[name]").reject { |one| one["type"] == "file" }
    values = fields.filter_map do |one|
      value = (spoilt && !one["type"].to_s.match?(/hidden|checkbox|radio/)) ? spoilt_value(one) : value_of(one)
      [one["name"], value] if value
    end
    button = form.css("button[name]").last
    button ? [*values, [button["name"], button["value"].to_s]] : values
  end

  # Nothing where words stand, and no number where one is meant.
  def spoilt_value(one) = (one.name != "select" && one["value"].to_s.match?(/\A[\d. \/]*\z/)) ? "?" : ""

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
  define_method(:comes_of) do |form, spoilt|
    path, htmx = form["hx-post"] || form["action"], !form["hx-post"].nil?
    post(path, Rack::Utils.build_query(filled(form, spoilt)),
      {"HTTP_HOST" => Site::HOST, "CONTENT_TYPE" => "application/x-www-form-urlencoded",
       **(htmx ? {"HTTP_HX_REQUEST" => "true"} : {})})
    gone = last_response["location"].to_s.sub(%r{\Ahttps?://[^/]+}, "").gsub(drawn, "")
    [last_response.status, gone, AsRead.whole(last_response.body.gsub(drawn, "")), held].join(" ")
  end

  # Tables of the book, but for what is drawn anew, and what is looked up in it.
  def tables = book.db.tables.sort.grep_v(/\Afound|session|once|\Asent\z|pictures|papers/)

  def rows(table) = book.db[table].all.map { |row| [table, row] }

  # Has the book tell which tables are written to, until that is taken back.
  def watch
    book.db.run("CREATE TEMP TABLE touched (name)")
    tables.product(%w[INSERT UPDATE DELETE]).each do |table, act|
      book.db.run("CREATE TEMP TRIGGER touched_#{table}_#{act} AFTER #{act} ON main.#{table} " \
        "BEGIN INSERT INTO touched VALUES ('#{table}'); END")
    end
  end

  # A mark of what it put in the book, and took out of it.
  define_method(:held) do
    touched = book.db.fetch("SELECT DISTINCT name FROM temp.touched ORDER BY name").select_map(:name).map(&:to_sym)
    now, before = touched.flat_map { |table| rows(table) }, @before.values_at(*touched).flatten(1)
    AsRead.mark([now - before, before - now].to_s.gsub(drawn, ""))
  end

  # What the block gives; the book is as before.
  def taken_back
    came = nil
    book.db.transaction(rollback: :always) { came = yield }
    came
  end

  it "is what it did" do
    seen, told, @before = {}, [], tables.to_h { |table| [table, rows(table)] }
    watch
    pages.each do |path|
      look(path)
      expect(last_response.status).to eq(200), path
      page.css("form").select { |form| form["method"] == "post" || form["hx-post"] }.each do |form|
        kind = kind_of(form)
        next if seen[kind] || (form["hx-post"] || form["action"]).match?(left_out)

        seen[kind] = true
        [false, true].each do |spoilt|
          came = taken_back { comes_of(form, spoilt) } if Share.takes?(spoilt ? seen.length : seen.length + 1, 2)
          told << ["#{path} #{kind.first(2).join(" ")}#{" spoilt" if spoilt}", came]
        end
      end
    end
    expect(AsRead.unlike("forms.marks", told).first(5)).to eq []
  end
end
