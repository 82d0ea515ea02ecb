# frozen_string_literal: true

require "bcrypt"
require "stringio"
require "support/share"

# Whatever comes to the door, no route answers that it failed, and what is saved
# can still be shown. Every text and shape comes to some places here, and to each of them by `bin/bench whole`.
RSpec.describe "Whatever comes to the door" do
  include Site

  # What cannot be read is said to whoever runs it, some thousand times here.
  around do |example|
    said, $stderr = $stderr, StringIO.new
    example.run
  ensure
    $stderr = said
  end

  # As they stand in a form that is sent: percent signs are bytes.
  let(:texts) do
    [
      "", "%00", "a%00b", "%FF%FE", "%C3%28", "%E2%82", "%ED%A0%80", "a%0Ab%0D%0Ac", "%09%09", "%1B%5B31m", "%7F",
      "%E2%80%AE", "%F0%9F%9A%AA", "%C3%A4%C3%B6",
      "0", "-0", "-1", "00000001", "1e9999999", "1e-9999999", "9" * 400, "0.#{"0" * 400}1", "NaN", "Infinity",
      "-Infinity", "0x10", "1_000", "1%2F0", "0%2F0",
      "1 1%2F0", "58 9%2F", "1%2F99999999999999999999", "20001", "20 m", "1'%2F2%22", "3+4", "%2B5", "1,2,3", "1;2;3",
      ";;;", ",,,", "1 - 2",
      "%3Cscript%3Ealert(1)%3C%2Fscript%3E", "%22%3E%3Cb%3E", "'; DROP TABLE jobs; --", "%25%25%25", "_%25_",
      "../../etc/passwd", "%2F%2Felsewhere.example",
      "=1%2B1", "%40SUM(A1)", "{}", "[]", "null", "true", "{%22a%22:1}", "x" * 3_000, "%F0%9F%9A%AA" * 500, "set.kit",
      "survey.floor.new", "hung.Z.gaps.top"
    ]
  end
  let(:shapes) do
    ["%s[]=a", "%s[a]=b", "%s[a][b][c]=d", "%s[]=a&%s[]=b&%s[]=c", "%s[][a]=b", "%s[tempfile]=x",
      "%s[tempfile]=x&%s[filename]=y", "%s"]
  end

  # Every route that writes, with the names that its forms have.
  def posts(id, job)
    {"/jobs" => %w[name place units], "/account/devices/end" => %w[device],
     "/practice/rounds" => %w[drill set], "/practice/rounds/1" => %w[place tried part do seen ask turn turn[left]],
     "/practice/crew" => %w[drill], "/practice/tightest/7" => %w[level part part[survey.level_height]],
     "/practice/which-way/7" => %w[level steps do turn turn[left] turn[right]],
     "/practice/what-ails/7" => %w[level steps do ask part[cause]],
     "/practice/cut-from/7" => %w[part[bars] part[bars][0]],
     "/along" => %w[uid at path form], "/along/decide" => %w[opening key keep], "/along/times" => %w[id when],
     "/along/pictures" => %w[uid at path form], "/crew/invitations" => %w[who role],
     "/crew/firm" => %w[firm],
     "/crew/invitations/1/withdraw" => %w[x], "/crew/1/role" => %w[role], "/jobs/#{job}/name" => %w[name place],
     "/openings/#{id}/cures" => %w[code seen stage],
     "/jobs/#{job}/openings" => %w[name],
     "/jobs/#{job}/file" => %w[file], "/jobs/#{job}/bin" => %w[x], "/jobs/#{job}/bring-back" => %w[x],
     "/jobs/#{job}/over" => %w[x],
     "/jobs/#{job}/again" => %w[x],
     "/jobs/#{job}/cut" => %w[from offcut as_cut unit], "/jobs/#{job}/cut/back" => %w[from code],
     "/jobs/#{job}/papers" => %w[x], "/jobs/#{job}/price" => %w[price],
     "/openings/#{id}/values" => %w[value key stage seen unit forget overrule back],
     "/jobs/#{job}/doors" => YellowTrack::Web::Job::Screen::DOORS + %w[unit],
     "/openings/#{id}/set" => %w[way back seen], "/openings/#{id}/name" => %w[name],
     "/openings/#{id}/notes" => %w[notes], "/openings/#{id}/once-more" => %w[key value seen],
     "/openings/#{id}/earlier" => %w[x], "/openings/#{id}/later" => %w[x], "/openings/#{id}/copy" => %w[x],
     "/openings/#{id}/bin" => %w[x],
     "/openings/#{id}/bring-back" => %w[x], "/openings/#{id}/papers" => %w[x], "/openings/#{id}/steps" => %w[step undo],
     "/openings/#{id}/waits" => %w[step day], "/openings/#{id}/rounds" => %w[x],
     "/jobs/#{job}/service" => %w[name family], "/openings/#{id}/service" => %w[x],
     "/openings/#{id}/service/steps" => %w[step undo stage], "/openings/#{id}/service/mended" => %w[seen],
     "/openings/#{id}/service/own" => %w[label symptoms told minutes hands fix], "/causes/own_x/drop" => %w[x],
     "/openings/#{id}/to-build" => %w[x],
     "/openings/#{id}/service/wrong" => %w[seen], "/jobs/#{job}/offers" => %w[valid_until note without
       discount tax option],
     "/jobs/#{job}/visits" => %w[seen put off away open travel], "/jobs/#{job}/visits/steps" => %w[step undo],
     "/visits" => %w[seen longer put away off open shut by only], "/visits/told" => %w[job day instead seen],
     "/visits/told/back" => %w[job day], "/visits/days" => %w[day how], "/crew/crews" => %w[crew],
     "/crew/crews/1" => %w[name from to], "/crew/crews/1/end" => %w[x],
     "/crew/crews/1/again" => %w[x], "/crew/people" => %w[person into since],
     "/crew/away" => %w[of away_on hours why], "/crew/away/1/back" => %w[x],
     "/jobs/#{job}/customer" => %w[name address telephone mail remark], "/jobs/#{job}/customer/forget" => %w[x],
     "/jobs/#{job}/terms" => %w[by travel crew shut], "/jobs/#{job}/road" => %w[other minutes],
     "/jobs/#{job}/offers/2026-001/answer" => %w[answer day],
     "/visits/feed" => %w[withdraw], "/backups" => %w[x], "/jobs/archive" => %w[file again],
     "/visits/hours" => %w[visits.week visits.from visits.crew steps.order.minutes.once take],
     "/openings/#{id}/hand-over" => %w[seen fitter customer look_back fresh reason line_fitter],
     "/openings/#{id}/look-back" => %w[look_A_top unit],
     "/openings/#{id}/moves" => %w[panel seen turn suggested stage],
     "/openings/#{id}/moves/back" => %w[panel seen], "/openings/#{id}/remarks" => %w[text],
     "/openings/#{id}/corrections" => %w[entry text],
     "/openings/#{id}/pictures" => %w[picture caption], "/openings/#{id}/override/bypass.gap.least" => %w[reason],
     "/rules" => %w[units grain.mm],
     "/rack" => %w[material length unit], "/rack/stock" => %w[material length price unit], "/rack/1/use" => %w[x],
     "/kits/file" => %w[file],
     "/kits/twin-42/copy" => %w[kit unit]}
  end

  # Every route that shows, with the names that its address takes.
  def gets(id, job)
    stages = %w[
      measure choose size prepare cut hang adjust hand-over look take-down mend rehang log sheet drilling
      working decides once-more spare first-cut slide to-build service/sums/wheel_worn hand-over/sheet
      hand-over/fitter.svg built fit
    ].map do |stage|
      "/openings/#{id}/#{stage}"
    end
    files = %w[opening.json plan.json cut.csv log.csv bench.json hand-over.pdf set.svg sections.svg
      override/bypass.gap.least]
      .map do |name|
      "/openings/#{id}/#{name}"
    end
    ["/", "/jobs/over", "/account", "/token", "/crew", "/along", "/jobs/#{job}/along.json", "/search",
      "/practice", "/practice/rounds/1", "/practice/tightest/7", "/practice/tightest/7.json",
      "/practice/tightest/learn", "/practice/tightest/learn.json", "/practice/which-way/7/bench.json",
      "/practice/crew/1", "/practice/own/1",
      "/rack", "/causes", "/rules", "/words", "/words.json", "/words/lap", "/kits", "/kits/twin-42",
      "/kits/twin-42.json", "/kits/twin-42/before/0.json",
      "/kits/twin-42/copy",
      "/jobs/#{job}", "/jobs/#{job}/visits/longer", "/jobs/#{job}/visits/sums/A-order", "/jobs/#{job}/cut",
      "/jobs/#{job}/cut.csv", "/jobs/#{job}/price", "/openings/#{id}", "/papers/0123456789abcdef",
      "/papers/0123456789abcdef.pdf", "/pictures/1", "/pictures/1/small",
      "/lines.css", "/pages/look.css", "/tape", "/jobs/#{job}/built", "/kits/twin-42/built", "/jobs/#{job}.zip",
      "/jobs/#{job}/log.csv",
      "/jobs/#{job}/visits", "/jobs/#{job}/visits.ics", "/jobs/#{job}/visits.csv", "/jobs/#{job}/work.json",
      "/jobs/#{job}/visits.json", "/jobs/#{job}/offers/2026-001.pdf", "/visits", "/backups",
      "/visits/longer", "/visits/since", "/visits/board.json", "/visits/plan.json", "/visits/board.pdf", "/today",
      "/jobs/#{job}/terms", "/jobs/#{job}/offers/2026-001", "/jobs/#{job}/offers/ways/A",
      "/calendar/#{"a" * 43}/north-1.ics",
      "/visits.ics", "/visits/hours",
      "/calendar/#{"a" * 43}.ics", *stages, *files]
  end

  # What an address may ask for: names by themselves, and names that hold more. One address has those of one kind: with
  # both of "at" it reads in more than one way, and is turned away before a page sees it.
  let(:queried) do
    [%w[page unit at turn panel key keys q pin only by cut back piece off copied per_turn new put step day move to
      crew_day how travel visit drop ahead from plan longer away_crew away_day away_hours day_off day_how of_job job_how
      job_day step_day crew],
      %w[at[A] turn[left] pin[] put[A-cut] away[] off[] open[] shut[] by[1] only[1] page[] key[a] q[]]]
  end

  let(:row) { hang("set.gap" => "3", "survey.bays" => [[0, 600]]) }

  before do
    row
    look("/")
    @token = page.at_css("input[name=authenticity_token]")["value"]
  end

  # Tries are not counted here: what is sent too often would not be looked at.
  def send_body(path, body)
    YellowTrack::Web::Rates.lay
    post(path, "authenticity_token=#{Rack::Utils.escape(@token)}&#{body}",
      {"HTTP_HOST" => Site::HOST, "CONTENT_TYPE" => "application/x-www-form-urlencoded"})
    expect(last_response.status).not_to eq(500), "#{path} #{body[0, 200]}"
  end

  # An address whose query is no proper one.
  def asked(path, query)
    get(path, {}, "HTTP_HOST" => Site::HOST, "QUERY_STRING" => query.tr(" ", "+"))
    expect(last_response.status).not_to eq(500), "#{path}?#{query[0, 200]}"
  end

  it "knows every route that there is" do
    paths = {"POST" => posts(row.id, row.job_id).keys, "GET" => gets(row.id, row.job_id)}
    paths.each do |verb, list|
      missed = YellowTrack::Web::App.routes.fetch(verb).map { |route| route[0] }.reject do |pattern|
        list.any? { |path| pattern === path }
      end
      expect(missed.map(&:to_s)).to eq([]), verb
    end
  end

  # A share of what there is, another by each place.
  def some(all, part, place) = Share.of(all, part, place)

  # What a form is told that reads a name; one that reads nothing is told a few.
  def told(place, names = nil) = (names == %w[x]) ? texts.values_at(0, 1, 3, -1) : some(texts, 80, place)

  it "answers texts in every form, and still shows the opening" do
    turned_away = []
    posts(row.id, row.job_id).each_with_index do |(path, names), place|
      kinds = names.group_by { |name| name.count("[") }.values # one that holds another's name is sent without it
      told(place, names).each_with_index do |text, turn|
        send_body(path, kinds[turn % kinds.length].map { |name| "#{name}=#{text}" }.join("&"))
        turned_away << path if last_response.status == 429
      end
    end
    expect(turned_away).to eq []
    still_shown
  end

  it "answers every text and shape at every way in" do
    cost, BCrypt::Engine.cost = BCrypt::Engine.cost, BCrypt::Engine::MIN_COST
    ways = {"sign-in" => %w[name password], "join" => %w[key firm name password], "new-password" => %w[key password],
            "code" => %w[code], "recovery" => %w[recovery], "password" => %w[password new],
            "second-factor" => %w[code otp_secret password], "one-factor" => %w[password],
            "recovery-codes" => %w[add password]}
    ways.each_with_index do |(way, names), place|
      [*told(place).map { |text| "%s=#{text}" }, *some(shapes, 8, place)].each do |shape|
        send_body("/account/#{way}", names.map { |name| shape.gsub("%s", name) }.join("&"))
        asked("/account/#{way}", names.map { |name| shape.gsub("%s", name) }.join("&"))
      end
    end
    serve
    some(texts, 6, 0).each do |text|
      YellowTrack::Web::Rates.lay
      look("/account/sign-in")
      @token = page.at_css("input[name=authenticity_token]")["value"]
      send_body("/account/sign-in", "name=#{text}&password=#{text}")
    end
  ensure
    BCrypt::Engine.cost = cost
  end

  it "answers a value of a wrong shape in every form" do
    posts(row.id, row.job_id).each_with_index do |(path, names), place|
      some(shapes, 16, place).each { |shape| send_body(path, names.map { |name| shape.gsub("%s", name) }.join("&")) }
      some(names, 8, place).each { |name| send_body(path, "#{name}[a]=b") }
    end
    still_shown
  end

  it "answers every text as a value of every field" do
    keys = [*YellowTrack::Desk::Fields::KNOWN.keys, "survey.floor.new", "survey.floor.i0", "survey.bays.new",
      "hung.B.gaps.top", "hung.B.at.left", "hung.meet.top"]
    keys.each_with_index do |key, place|
      some(texts, 120, place).each_with_index do |text, turn|
        value = (turn + place).even? ? "value[]=#{text}&value[]=#{text}" : "value=#{text}"
        send_body("/openings/#{row.id}/values", "key=#{key}&stage=size&seen=999999&#{value}")
      end
    end
    still_shown
  end

  # Some of the texts at each page, all of them at a few; what is longer than an address may be has its own example.
  it "answers texts in every address" do
    reached = gets(row.id, row.job_id).each_with_index.map do |path, place|
      short = texts.select { |text| text.length < 100 }
      some(short, 90, place).map.with_index do |text, turn|
        asked(path, queried[(turn + place / 8) % 2].map { |name| "#{name}=#{text}" }.join("&"))
        last_response.status
      end
    end
    expect(reached.flatten).not_to include(400)
  end

  it "refuses too many, too deep and contradicting parameters, and bytes in the address that are no text" do
    deep = "a#{"[b]" * 200}=c"
    ["#{"a=b&" * 5_000}x=y", deep, "a=b&a[c]=d", "%=%"].each do |query|
      asked("/search", query)
      send_body("/jobs", query)
    end
    get("/%FF%FE", {}, "HTTP_HOST" => Site::HOST)
    expect(last_response.status).to eq 400
    expect(last_response.body).not_to include(YellowTrack::ROOT)
  end

  it "refuses a body that is too large before it is read, and half a form" do
    send_body("/openings/#{row.id}/notes", "notes=#{"x" * 1_300_000}")
    expect(last_response.status).to eq 413
    post("/jobs/#{row.job_id}/file", "--x\r\nContent-Disposition: form-data; name=\"file\"",
      {"HTTP_HOST" => Site::HOST, "CONTENT_TYPE" => "multipart/form-data; boundary=x"})
    expect(last_response.status).to be_between(400, 403)
  end

  # Files as a browser sends them, names and all.
  ["", " ", "{", "[]", "null", "\xFF\xFE", "{\"name\":\"\"}", "[" * 5_000, "{\"a\":#{"9" * 5_000}}",
    JSON.generate("x" * 10)].each_with_index do |text, place|
    it "reads an opening file or a kit sheet of a strange kind (#{place}), named as strangely, and says what is " \
      "wrong" do
      ["bü.json", "a\u0000b.json", "", "x" * 300, "\u202Ejson.exe"].each do |name|
        ["/jobs/#{row.job_id}/file", "/kits/file"].each do |path|
          file = Rack::Test::UploadedFile.new(StringIO.new(text), "application/json", original_filename: name)
          send_form(path, {"file" => file})
          expect(last_response.status).to be_between(400, 422), "#{path} #{name.inspect}"
        end
      end
      expect(book.openings.of(row.job_id).length).to eq 1
    end
  end

  it "cleans a text of what no keyboard has, and keeps the rest" do
    send_body("/openings/#{row.id}/remarks", "text=soft%00 at%0Athe%FF foot%1B")
    expect(book.log.of(row.id).last.after).to eq "soft at\nthe? foot"
  end

  def still_shown
    rows = book.db[:openings].select_map(:id)
    rows.each do |id|
      %w[measure size prepare cut adjust log].each do |stage|
        look("/openings/#{id}/#{stage}")
        expect(last_response.status).to be_between(200, 303), "#{stage} of #{id}"
      end
    end
    %w[/ /rack /search?q=a /kits].each { |path| look(path) && expect(last_response.status).to(eq(200), path) }
  end
end
