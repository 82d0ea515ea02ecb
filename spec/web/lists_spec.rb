# frozen_string_literal: true

# Lists of openings and of jobs: paged, and never worked out.
RSpec.describe "Lists" do
  include Site

  # An opening, and others like it: listed once, for what they show is the same.
  def many(count)
    listed = nil
    listing = ->(*of) { listed ||= YellowTrack::Desk::Listing.of(book).call(*of) }
    row = hang
    (count - 1).times { book.openings.add(job_id: row.job_id, document: row.document, &listing) }
    row
  end

  def asked(path) = queries { look(path) && expect(last_response).to(be_ok, path) }.length

  it "ask the database as often for a dozen openings as for three" do
    paths = ["/", "/jobs/1", "/search?q=bunk", "/rack", "/jobs/1/cut", "/jobs/1/price", "/jobs/1/cut.csv", "/visits",
      "/jobs/1/visits"]
    each = -> { paths.to_h { |path| [path, Array.new(2) { asked(path) }.last] } }
    many(3)
    few = each.call
    many(9)
    book.saw.keep("Twin lane 42 track", 592r)
    expect(each.call).to eq few
    expect(few.except("/visits").values.max).to be <= 18
    expect(few["/visits"]).to be <= 30 # crews, when they are away, what jobs are bound to
  end

  it "ask the database as often for twelve jobs on the board that is kept as for two" do
    row = hang
    jobs = ->(count) {
      count.times do |place|
        id = book.jobs.add(name: "Job #{place}").id
        book.openings.add(job_id: id, document: row.document, &YellowTrack::Desk::Listing.of(book))
      end
      YellowTrack::Desk::FirmBoard.new(book).keep!(seen: book.boards.version, who: "Odo")
      asked("/visits")
      asked("/visits")
    }
    expect(jobs.call(1)).to eq jobs.call(10)
  end

  it "ask once for what is due on a crew's day, whatever houses it goes to", :demo do
    asked = queries { look("/today") }
    expect([page.css(".leg-site").length, asked.grep(/EXECUTE dues_/).length]).to eq [2, 1]
  end

  it "work out no plan" do
    many(4)
    book.db[:openings].update(document: Sequel.function(:json_set, :document, "$.survey.widths.top", 1801.25))
    expect(YellowTrack::Plan).not_to receive(:of)
    ["/", "/jobs/1", "/search?q=bunk", "/rack"].each do |path|
      look(path)
      expect(last_response).to be_ok, path
    end
  end

  it "give a job's openings a page at a time, all of them reached" do
    row = many(90)
    seen = []
    path = "/jobs/#{row.job_id}"
    while path
      look(path)
      seen += page.css(".hung li > a").map { |link| link["href"] }
      path = page.at_css(".paging a[rel=next]")&.[]("href")
    end
    expect(seen.uniq.length).to eq 90
    look("/")
    expect(page.at_css(".hung-empty").text).to include("and 82 more")
  end

  it "page the jobs, the rack and the log, and show the log's newest page first" do
    15.times { |place| book.jobs.add(name: "House #{place}") }
    130.times { |place| book.saw.keep("Twin lane 42 track", 400r + place) }
    row = hang
    130.times do |place|
      book.openings.note(row.id, {kind: "remark", key: "remark", before: nil, after: "said #{place}"})
    end
    look("/?page=2")
    expect(page.css(".job-row").length).to eq 4
    look("/rack?page=2")
    expect(page.css(".rack-row").length).to eq 30
    look("/openings/#{row.id}/log")
    expect(page.text).to include("said 129").and not_include("said 5 ")
    look("/openings/#{row.id}/log?page=1")
    expect(page.text).to include("said 5").and not_include("said 129")
    look("/openings/#{row.id}/log?page=999")
    expect(last_response).to be_ok
  end

  it "show what was written last: stage, sentence, worst check, shape" do
    row = hang
    type(row, "set.gap", "3", stage: "size")
    look("/jobs/#{row.job_id}")
    expect(page.at_css(".hung li").text).to include("stop").and include("Plan a floor gap of 5")
    type(book.openings.find(row.id), "survey.widths.top", "")
    look("/jobs/#{row.job_id}")
    expect(page.at_css(".hung li").text).to include("Measure").and include("Read the width at the head")
  end

  it "are worked out anew once where the house's rules changed" do
    row = hang("hung.A" => {"gaps" => {"top" => 0, "middle" => 1, "bottom" => 2}},
      "hung.B" => {"gaps" => {"top" => 0, "middle" => 0, "bottom" => 0}})
    book.openings.note(row.id, columns: {stage: "adjust"}, listing: YellowTrack::Desk::Listing.of(book))
    look("/")
    expect(page.at_css(".hung-next").text).to include("hanger")
    send_form("/rules", {"tolerance.even" => "2 mm"})
    look("/")
    expect(page.at_css(".hung-next").text).to include("All gaps are even")
  end

  it "leave out a job that is over, which is found by its name and comes back by a press" do
    many(2)
    id = book.jobs.all.first.id
    send_form("/jobs/#{id}/over", {})
    look("/")
    expect(page.css(".job-row")).to be_empty
    expect(page.text).to match(/1\s+job is over/)
    look("/jobs/over?q=SIER")
    expect(page.css(".binned form").length).to eq 1
    look("/jobs/over?q=%25")
    expect(page.text).to include("None that is over is called")
    look("/jobs/#{id}")
    expect(page.at_css(".meanwhile").text).to include("This job is over since")
    send_form("/jobs/#{id}/again", {})
    look("/")
    expect(page.css(".job-row").length).to eq 1
  end

  it "are compressed on their way to another machine" do
    from = [{"REMOTE_ADDR" => "192.0.2.7"}, {"HTTP_X_FORWARDED_FOR" => "192.0.2.7"}, {}]
    packed = from.map do |address|
      get("/account/sign-in", {}, {"HTTP_HOST" => Site::HOST, "HTTP_ACCEPT_ENCODING" => "gzip", **address})
      last_response["content-encoding"]
    end
    expect(packed).to eq ["gzip", "gzip", nil]
  end
end
