# frozen_string_literal: true

require "support/as_read"
require "support/share"

# A mark each of the pages and sheets that the demo does not come to: every kind of set on every stage, in both units,
# every kit's own places, every drill at every level. The demo's are kept in words (whole_pages_spec); of these it is
# kept that nothing of them has moved: `bin/test --as-read` writes the marks anew, once something is meant to. A
# third of them is looked at, another by another seed, and all by `bin/bench whole`.
RSpec.describe "Pages of every kind" do
  include Site

  stages = %w[measure choose size prepare cut hang adjust sheet drilling working]
  more = {
    "framed" => {"set.frame" => {"stile" => 95, "rails" => [95, 120, 200], "tenon" => 30}},
    "inch" => {:units => "in",
               "survey" => {"widths" => {"top" => "71 3/16", "middle" => "71 1/4", "bottom" => "71 5/16"},
                            "heights" => {"left" => "88 5/16", "middle" => "88 1/4", "right" => "88 3/8"}},
               "set" => {"family" => "bypass", "kit" => "roll-36", "thickness" => "1 1/4"}},
    "tall" => {"survey.heights" => {"left" => 5200, "middle" => 5200, "right" => 5200}, "survey.diagonals" => nil},
    "ready-made" => {"set.width" => 915, "set.height" => 2040}, "narrow" => {"set.gap" => "3"},
    "standing off" => {"set" => {"family" => "bypass", "kit" => "bar-1", "panels" => 1, "thickness" => 40},
                       "survey.beside" => {"left" => 3000, "right" => 3000}, "survey.wall" => {"projection" => 50}},
    "to paint" => {"set.order" => "fit", "survey.covering" => {"thickness" => 12, "laid" => false}}
  }

  around { |example| Timecop.freeze(Site::MORNING) { example.run } }

  # What a page is known by: its drawings and all of its markup; one that is not shown by its status.
  def mark(path)
    look(path)
    last_response.ok? ? AsRead.whole(last_response.body) : last_response.status
  end

  # Of a sheet on paper: its lines, words and places.
  def sheets(path)
    look(path)
    expect(last_response.body).to start_with("%PDF"), path
    last_response.body.b.scan(/stream\r?\n(.*?)\r?\nendstream/mn).flatten
      .select { |stream| stream.match?(/^BT$| re$/n) }.map { |stream| AsRead.mark(stream) }.join(" ")
  end

  # Marks of those of the third, nil of the others.
  #
  # @param pages [Hash{String => String}] paths by what is written of them
  # @param place [Integer] of a list of them, so that of each another third is looked at
  def third(pages, place = 0)
    pages.each_with_index.map { |(what, path), turn| [what, (mark(path) if Share.takes?(turn + place, 3))] }
  end

  def expect_as_before(name, marks) = expect(AsRead.unlike(name, marks).first(20)).to eq []

  define_method(:pages_of) do |kind, row|
    ways = [*stages, "size?unit=other", "prepare?unit=other"]
    ways.to_h { |way| ["#{kind} #{way}", "/openings/#{row.id}/#{way}"] }
  end

  it "of sets are as they were" do
    kinds = Kinds::ALL.keys.to_h { |kind| [kind, document_of(kind, Random.new(7))] }
      .merge(more.transform_values { |changes| document(**changes) })
    @job = book.jobs.add(name: "Osier Weir", units: "mm")
    marks = kinds.each_with_index.flat_map do |(kind, file), place|
      row = book.openings.add(job_id: @job.id, document: YellowTrack::Store::Document.new(file.merge("name" => kind)),
        &YellowTrack::Desk::Listing.of(book))
      look("/openings/#{row.id}/log?unit=own") # until it is told otherwise
      third(pages_of(kind, row), place)
    end
    unread = hang("survey" => {})
    look("/openings/#{unread.id}/log?unit=own")
    marks += %w[measure measure?unit=other choose?unit=other log].map { |way|
      ["unread #{way}", mark("/openings/#{unread.id}/#{way}")]
    }
    expect_as_before("sets.marks", marks)
  end

  it "of kits and of drills are as they were" do
    kits = YellowTrack::Files::Shelf.kits.keys.flat_map { |kit| ["/kits/#{kit}", "/kits/#{kit}/copy"] }
    drills = YellowTrack::Practice::Drills.all.keys.flat_map do |key|
      levels = YellowTrack::Practice::Drills::LEVELS.map { |level| "7?level=#{level}" }
      [*levels, "learn"].map { |asked| "/practice/#{key}/#{asked}" }
    end
    expect_as_before("kits-drills.marks", third((kits + drills).to_h { |path| [path, path] }))
  end

  it "of the demo on paper are as they were", :demo do
    serve(by_itself: Site::FITTER)
    %w[before after].each { |caption| pictured(8, caption) }
    papers = ["/visits/board.pdf", "/visits/board.pdf?ahead=two+weeks", "/visits/board.pdf?ahead=month",
      "/jobs/3/offers/2027-001.pdf", "/openings/8/hand-over.pdf",
      "/openings/2/hand-over.pdf", "/openings/4/hand-over.pdf", "/openings/10/hand-over.pdf",
      "/openings/11/hand-over.pdf"]
    drawn = ["/openings/2/set.svg", "/openings/2/sections.svg", "/openings/4/set.svg", "/openings/7/sections.svg"]
    told = papers.map { |path| [path, sheets(path)] } +
      drawn.map { |path| [path, look(path) && AsRead.mark(last_response.body)] }
    told += %w[/openings/10/to-build /openings/10/hand-over/sheet /openings/2/hand-over/sheet /openings/10/hand-over
      /openings/11/hand-over /account/password].map { |path| [path, mark(path)] }
    serve
    told << ["/account/sign-in", mark("/account/sign-in")]
    expect_as_before("demo-papers.marks", told)
  end

  %w[office learner].each do |role|
    it "of the demo are as they were for one of the #{role}", :demo do
      book.accounts.become(book.accounts.named("Odo").id, role:, by: Site::FITTER)
      serve(by_itself: "Odo")
      own = [1, 2, 8, 10, 12].flat_map do |id|
        others = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(id)).others?
        (YellowTrack::Desk::Stage.on_rail(others).map(&:key) + %w[log]).map { |stage| "/openings/#{id}/#{stage}" }
      end
      pages = ["/", "/?new=1", "/jobs/1", "/jobs/3", "/jobs/1/cut", "/jobs/1/price", "/jobs/1/visits", "/jobs/1/terms",
        "/visits", "/visits/hours", "/crew", "/rules", "/rack", "/kits", "/kits/twin-42", "/causes", "/account",
        "/practice", "/backups", *own]
      expect_as_before("#{role}.marks", third(pages.to_h { |path| [path, path] }))
    end
  end
end
