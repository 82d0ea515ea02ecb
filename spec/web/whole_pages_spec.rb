# frozen_string_literal: true

require "support/as_read"

# Every page of the demo as it reads: nothing is empty that has to say something, nothing points at
# what is not there, no slip of ours shows; and nothing reads otherwise than it did, unless it is meant to
# (`bin/test --as-read` writes spec/as_read anew, and what has changed is read in the commit).
RSpec.describe "A whole page", :demo do
  include Site

  says = "title, h1, h2, h3, label, legend, th, dt, summary, button, nav a, .row-name, .row-figure, .says-fault, " \
    "select option:not([value='']), .next-sentence, .check p, figcaption, svg title, svg desc"
  slip = /\bnil\b|#<|\bNaN\b|Infinity|\(\)|(?<!\d) [.,;:](?:\s|\z)|\{\w+\}|%<|,,|\.\.(?!\.)/

  around { |example| Timecop.freeze(Site::MORNING) { example.run } }

  before do
    serve(by_itself: Site::FITTER)
  end

  def paths
    stages = YellowTrack::Desk::Stage.all.map(&:key)
    openings = book.jobs.all.flat_map { |job| book.openings.of(job.id) }.flat_map do |row|
      opening = YellowTrack::Desk::KeptOpening.new(book, row)
      own = YellowTrack::Desk::Stage.on_rail(opening.others?).map(&:key) & stages
      more = opening.plan ? %w[sheet drilling working built log] : %w[log]
      (own + more).map { |name| "/openings/#{row.id}/#{name}" }
    end
    jobs = book.jobs.all.flat_map { |job|
      %w[/cut /price /visits /built ?new=1].push("").map { |way| "/jobs/#{job.id}#{way}" }
    }
    drills = YellowTrack::Practice::Drills.all.keys
      .flat_map { |key| ["/practice/#{key}/3", "/practice/#{key}/4?level=4"] }
    ["/", *jobs, *openings, "/kits", "/kits/twin-42", "/kits/fold-34/copy", "/kits/bar-1/copy", "/kits/pocket-90",
      "/rack", "/rules", "/words", "/search?q=bunk", "/account", "/crew", "/along", "/practice", "/visits",
      "/visits/hours",
      "/backups", *drills, "/practice/tightest/learn", "/openings/1/size?unit=other", "/openings/4/prepare?unit=other",
      "/openings/8/adjust?unit=other", "/openings/2/choose?unit=other", "/jobs/over", "/?all=1", "/today?crew=south-2",
      "/jobs/3/offers/#{Date.today.year}-001"]
  end

  # What is said for somebody who sees it, or hears it.
  def said(node) = [node.text, node["aria-label"], *node.css("[aria-label]").map { |one| one["aria-label"] }].join.strip

  define_method(:faults_of) do |document|
    ids = document.css("[id]").map { |one| one["id"] }
    named = document.css("[for], [aria-labelledby], [aria-describedby], [list], [form]").flat_map do |one|
      one.attributes.slice("for", "aria-labelledby", "aria-describedby", "list", "form").values
        .flat_map { |attribute| attribute.value.split }
    end
    kinds = document.css("main").map { |main| main.classes.grep(/\Akind-(bench|rows|sheet)\z/).length }
    [*("is of no kind, or of several" if kinds != [1] && document.css("body.paper").none?),
      *ids.tally.select { |id, count| count > 1 || id.strip.empty? || id.end_with?("-") }
        .keys.map { |id| "id #{id}" },
      *(named - ids).uniq.map { |id| "points at #{id}" },
      *document.css(says).select { |one| said(one).empty? && one.css("svg, img").empty? }
        .map { |one| "says nothing: #{one.to_html[0, 80]}" },
      *document.css("a").select { |one| one["href"].to_s.empty? }.map { |one| "goes nowhere: #{one.text}" }]
  end

  define_method(:slips_of) do |document|
    document.css("body *").reject { |one| %w[script style pre textarea].include?(one.name) }.flat_map { |one|
      one.children.select(&:text?).map { |text| text.text.gsub(/[[:space:]]+/, " ") }
    }.grep(slip)
  end

  # How it reads, beside how it read.
  def other_lines(path, now)
    before = AsRead.kept(AsRead.name(path), now)
    (now.lines - before.lines).first(5) + (before.lines - now.lines).first(5).map { |line| "no more: #{line}" }
  end

  it "says something wherever it should, points at what is there, shows no slip of ours, and reads as it did" do
    faults = paths.to_h do |path|
      look(path)
      expect(last_response.status).to eq(200), path
      read = AsRead.of(last_response.body)
      [path, faults_of(read.document) + slips_of(read.document) + other_lines(path, read.to_s)]
    end
    expect(faults.reject { |_, list| list.empty? }.first(5)).to eq []
    expect(faults.keys.map { |path| AsRead.name(path) }).to match_array Dir.children(AsRead::FOLDER).grep(/txt/)
  end
end
