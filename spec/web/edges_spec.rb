# frozen_string_literal: true

require "csv"
require "mini_magick"

# Where things meet: units at a form's edge, an opening's own grain, lists that
# two look at, what a spreadsheet makes of a cell.
RSpec.describe "Edges" do
  include Site

  let(:survey) do
    {"widths" => {"top" => "71 3/8", "middle" => "71 3/8", "bottom" => "71 3/8"},
     "heights" => {"left" => "88", "middle" => "88", "right" => "88"},
     "diagonals" => {"rising" => "113 5/16", "falling" => "113 5/16"}, "depth" => "5"}
  end

  def inches(**rest) = hang(:units => "in", "survey" => survey, "set.thickness" => "1 3/8", **rest)

  def cut_untouched(row, unit)
    look("/openings/#{row.id}/cut?unit=#{unit}")
    form = page.at_css(".piece-form")
    values = form.css("input[name]").map { |input| [input["name"], input["value"]] }
    send_form(form["action"], Rack::Utils.parse_nested_query(Rack::Utils.build_query(values)))
    book.saw.cuts([row.id])[row.id].fetch("A-T1")
  end

  %w[own other].each do |unit|
    it "write an inch cut down as it was planned, pressed untouched, shown in the #{unit} unit" do
      cut = cut_untouched(inches, unit)
      expect(cut.planned).to eq(71.25r * 25.4r)
      expect(cut.as_cut).to eq cut.planned
    end

    it "write a metric cut down as it was planned, shown in the #{unit} unit" do
      expect(cut_untouched(hang, unit)).to have_attributes(planned: 1805, as_cut: 1805)
    end
  end

  it "tell half millimetres where that is the grain: on screen, drawing, cut list, table and label" do
    row = hang("grain" => "0.5 mm", "survey.widths" => {"top" => 1799, "middle" => 1799, "bottom" => 1799},
      "survey.leans" => nil, "survey.diagonals" => {"rising" => 2873})
    look("/openings/#{row.id}/size")
    expect(page.at_css("#numbers-panels .row-figure").text).to include("916.5")
    look("/openings/#{row.id}/cut")
    expect(page.css("table td.num").map(&:text)).to include("916.5")
    look("/openings/#{row.id}/cut.csv")
    expect(last_response.body).to include("916.5 x")
    opening = YellowTrack::Desk::KeptOpening.new(book, row)
    parts = YellowTrack::Drawing::Paper::Pack::Packed
      .new(plan: opening.plan, parts: opening.parts, letter: "A", name: "", revision: 1, address: "", rows: [],
        cautions: [])
    written = []
    allow_any_instance_of(YellowTrack::Drawing::Paper::Page).to receive(:text) { |_, words, **| written << words.to_s }
    YellowTrack::Drawing::Paper::Pack.new(job: "", date: "", address: "", openings: [parts], lots: -> { [] }).render
    expect(written.join(" ")).to include("916.5")
  end

  it "keep an opening's own grain on the job's cut page and in its copy" do
    row = hang("grain" => "0.5 mm", "survey.widths" => {"top" => 1799.5, "middle" => 1799.5, "bottom" => 1799.5},
      "survey.leans" => nil, "survey.diagonals" => nil)
    look("/jobs/#{row.job_id}/cut")
    expect(page.at_css("input[name='as_cut[A-T1]']")["value"]).to eq "1796.5"
    send_form("/openings/#{row.id}/copy", {})
    expect(book.openings.of(row.job_id).last.document["grain"]).to eq "0.5 mm"
  end

  it "tell an inch job's cuts in its log in inches" do
    row = inches
    cut_untouched(row, "own")
    look("/openings/#{row.id}/log?only=cuts")
    expect(page.at_css(".log-says").text.tr("\u00A0", " ")).to eq "A-T1 cut to 71 1/4 in, planned 71 1/4 in"
  end

  it "give no cell of the cut list that a spreadsheet takes for a sum" do
    expect(YellowTrack::Web::Cells.csv(%w[a b c], [["=1+1", "-3.5", "+x"]])).to eq "a,b,c\n'=1+1,-3.5,'+x\n"
    row = hang("set.makeup" => [{"material" => "hollow core"}])
    look("/openings/#{row.id}/cut.csv")
    expect(CSV.parse(last_response.body).flatten.compact).to all(match(/\A[^=@\t]/))
  end

  it "tell three hands as three" do
    row = hang("set" => {"family" => "bypass", "kit" => "twin-42", "pattern" => [2, 1], "thickness" => 40,
                         "weighed" => 62})
    opening = YellowTrack::Desk::KeptOpening.new(book, row)
    expect(opening.plan.set.hands).to eq 3
    look("/openings/#{row.id}/hang")
    expect(page.text).to include("three people, or two and a lifter").and not_include("two people together")
  end

  {"bifold" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2, "thickness" => 35, "weighed" => 200},
   "pocket" => {"family" => "pocket", "kit" => "pocket-90", "leaves" => 1, "thickness" => 35, "weighed" => 300}}
    .each do |family, set|
    it "show a #{family}'s stop at Size on the rail" do
      row = hang("set" => set)
      look("/openings/#{row.id}/measure")
      expect(page.css(".rail li")[2].at_css(".mark-stop")).not_to be_nil
    end
  end

  it "name an opening anew: nothing is refused on the page, what was typed in its place" do
    row = hang
    send_form("/openings/#{row.id}/name", {"name" => "  "})
    expect(last_response.status).to eq 422
    expect(page.at_css(".keeping [role=alert]").text).to include("A name is needed")
    send_form("/openings/#{row.id}/name", {"name" => "y" * 121})
    expect(page.at_css("input[name=name][value^=yyy]")).not_to be_nil
  end

  it "refuse a place that is too long, and name files in any script" do
    send_form("/jobs", {"name" => "Osier Weir", "place" => "p" * 200})
    expect(page.text).to include("200 characters is too long a place")
    job = book.jobs.add(name: "Weiße Tür 木戸")
    row = book.openings.add(job_id: job.id, document: YellowTrack::Store::Document.new(document))
    look("/openings/#{row.id}/opening.json")
    expect(last_response["content-disposition"].dup.force_encoding("UTF-8")).to include("weiße-tür-木戸-a")
  end

  it "tell a fact that nobody read from a choice that is as usual" do
    row = hang("survey.head" => {"of" => "timber"}, "set.panels" => nil)
    nothing = ->(stage, key) {
      look("/openings/#{row.id}/#{stage}")
      page.at_css("form.field:has(input[value='#{key}']) option[value='']").text
    }
    expect([nothing["measure", "survey.head.of"], nothing["size", "set.fit"]]).to eq ["not said", "as usual"]
  end

  it "say that a floor was not read, and no number for it" do
    row = hang("survey.floor" => nil)
    look("/openings/#{row.id}/measure")
    floor = page.css(".row-number").find { |line| line.at_css(".row-name").text == "Floor" }
    expect(floor.text).to include("not read").and not_include("0")
  end

  it "keep Adjust open where a width is emptied elsewhere meanwhile" do
    row = hang
    look("/openings/#{row.id}/adjust?panel=B")
    type(row, "survey.widths.top", "")
    type(book.openings.find(row.id), "hung.B.gaps.top", "2", stage: "adjust")
    expect(last_response).to be_ok
    expect(saved(row, "hung.B.gaps.top")).to eq "2"
    send_form("/openings/#{row.id}/moves", {"panel" => "B", "seen" => 1, "suggested" => 1})
    expect(last_response.status).to eq 404
  end

  it "put two screens' stations right: one emptied, the next changed from a page of before" do
    row = hang("survey.floor" => [%w[0 0], %w[900 3], %w[1812 4]])
    type(row, "survey.floor.i1", ["", ""])
    type(row, "survey.floor.i2", %w[1812 5])
    expect(saved(row, "survey.floor")).to eq [%w[0 0], %w[1812 5]]
    type(book.openings.find(row.id), "survey.floor.i1", "", back: 1)
    expect(last_response).to be_ok
    expect(saved(row, "survey.floor")).to eq [%w[0 0], %w[900 3], %w[1812 5]]
  end

  it "give up and overrule a station as any other value" do
    row = hang("survey.floor" => [%w[0 0], %w[900 3]])
    type(row, "survey.floor.i1", %w[900 x])
    expect(page.at_css("#says-survey-floor-i1").text).to include("Keep 900 – 3")
    type(row, "survey.floor.i1", %w[900 x], forget: 1)
    expect(last_response).to be_ok
    type(row, "survey.floor.i1", %w[900 4])
    type(row, "survey.floor.i1", %w[900 6])
    expect(page.at_css("#says-survey-floor-i1").text)
      .to include("Changed meanwhile from 900 – 3 to 900 – 4. You typed 900 – 6.")
    type(row, "survey.floor.i1", %w[900 6], overrule: 1)
    expect(saved(row, "survey.floor")).to eq [%w[0 0], %w[900 6]]
  end

  it "keep one's draft out of another's field, and show it to him on whatever device" do
    row = hang
    type(row, "set.lap", "3x", stage: "size")
    clear_cookies
    look("/openings/#{row.id}/size")
    expect(page.at_css("#set-lap")["value"]).to eq "3x"
    book.accounts.add("Odo")
    serve(by_itself: "Odo")
    look("/openings/#{row.id}/size")
    expect(page.at_css("#set-lap")["value"]).to eq ""
    type(row, "set.lap", "40", stage: "size")
    expect(book.db[:drafts].count).to eq 1
  end

  describe "pictures" do
    let(:row) { hang }

    def send_picture(bytes, name: "jamb.jpg")
      file = Tempfile.create("picture", binmode: true).tap { |made| made.write(bytes) && made.flush }
      send_form("/openings/#{row.id}/pictures", {"picture" => Rack::Test::UploadedFile
        .new(file.path, "image/jpeg", true, original_filename: name), "caption" => "The foot"})
    end

    %w[jpeg png webp].each do |format|
      it "refuses half a #{format}" do
        whole = MiniMagick.convert { |tool| tool.merge!(["-size", "300x200", "plasma:", "#{format}:-"]) }
        [whole.bytesize / 2, whole.bytesize - 40].each do |end_of_it|
          send_picture(whole[0, end_of_it]) && expect(page.at_css("[role=alert]").text).to(include("not whole"))
        end
        expect(book.db[:pictures].count).to eq 0
        send_picture(whole)
        expect(book.db[:pictures].count).to eq 1
      end
    end

    it "says so where ImageMagick is not there" do
      allow(MiniMagick).to receive(:identify).and_raise(MiniMagick::Error, "executable not found: \"identify\"")
      send_picture(MiniMagick.convert { |tool| tool.merge!(["-size", "3x3", "xc:red", "jpeg:-"]) })
      expect(page.at_css("[role=alert]").text).to include("Pictures need ImageMagick")
    end

    it "refuses one that has too many dots before it is read" do
      allow(MiniMagick).to receive(:identify).and_return("12000 9000")
      send_picture(MiniMagick.convert { |tool| tool.merge!(["-size", "3x3", "xc:red", "jpeg:-"]) })
      expect(page.at_css("[role=alert]").text).to include("12000 × 9000 dots is too large")
    end

    it "is not waited for by the rest: one at a time, few in a row, the others told" do
      slow = Queue.new
      allow(MiniMagick).to receive(:identify) { slow.pop && "3 3" }
      jpeg = MiniMagick.convert { |tool| tool.merge!(["-size", "3x3", "xc:red", "jpeg:-"]) }
      file = Tempfile.create("picture", binmode: true).tap { |made| made.write(jpeg) && made.flush }
      sending = Array.new(3) do
        Thread.new { YellowTrack::Web::Log::PictureFile.read({filename: "a.jpg", tempfile: file}) }
      end
      sleep 0.01 until slow.num_waiting == 1
      sleep 0.1
      expect { YellowTrack::Web::Log::PictureFile.read({filename: "a.jpg", tempfile: file}) }
        .to raise_error(YellowTrack::Fault, /Send it again in a moment/)
      look("/")
      expect(last_response).to be_ok
      9.times { slow << true }
      sending.each(&:join)
    end
  end
end
