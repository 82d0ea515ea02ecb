# frozen_string_literal: true

require "support/share"

# What is worked out is shown where it is used: on a screen, a sheet or a step. And what a page or
# a paper prints as a sum comes to the figure beside it. Half of the kinds of sets are taken here, by the seed, and all
# of them by `bin/bench whole`.
RSpec.describe "Numbers, shown" do
  include Site

  # Choices that bring in what a plain set has not.
  more = {
    "top-hung pair" => [{}, {"guide" => "groove"}, {"guide" => "tongue"}, {"soft_close" => {"body" => 320}},
      {"rail_thickness" => 20, "stile_thickness" => 26}, {"pelmet" => {"height" => 90, "thickness" => 12}},
      {"width" => 800, "height" => 2100, "slab" => nil}, {"frame" => {"stile" => 80}},
      {"packing" => {"left" => 5, "right" => 6, "head" => 140}}],
    "wall-hung, one panel" => [{}, {"header_board" => true}, {"width" => 2000}]
  }
  more.default = [{}]

  def desk(kind, changes, random)
    made = document_of(kind, random).merge("name" => "Robe")
    made["set"] = made["set"].merge(changes).compact
    row = book.openings.add(job_id: job.id, document: YellowTrack::Store::Document.new(made),
      &YellowTrack::Desk::Listing.of(book))
    YellowTrack::Desk::KeptOpening.new(book, row)
  end

  def job = @job ||= book.jobs.add(name: "Osier Weir", units: "mm")

  # Keys of every working that a row of Size, Prepare or Measure opens to, or a step.
  def shown(opening)
    visitor = YellowTrack::Web::Screen::Visitor.new(who: "Runa", owner: "1", role: "fitter", account_id: 1)
    prepare, measure = [YellowTrack::Web::Prepare, YellowTrack::Web::Measure]
      .map { |stage| stage::Screen.new(opening, visitor:) }
    rows = YellowTrack::Desk::Tally.of(opening).all + measure.rows + prepare.places.flat_map(&:rows)
    rows.flat_map(&:keys) + opening.progress.steps.flat_map(&:sums)
  end

  Share.of(Kinds::ALL.keys, 2).each do |kind|
    it "leave nothing out that is worked: #{kind}" do
      random = Random.new(RSpec.configuration.seed)
      hidden = more[kind].flat_map do |changes|
        opening = desk(kind, changes, random)
        opening.plan.working.entries.map(&:key) - shown(opening)
      end
      expect(hidden.uniq).to eq []
    end

    it "come to the figure beside them on screen and sheet, in both units: #{kind}" do
      opening = desk(kind, {}, Random.new(RSpec.configuration.seed))
      faults = %w[size prepare measure sheet].product(%w[own other]).flat_map do |stage, unit|
        look("/openings/#{opening.id}/#{stage}?unit=#{unit}")
        rows = page.css(".row-number, .paper tr").map { |row| [figures(row), sums(row)] }
        rows.flat_map { |figures, sums|
          sums.reject { |sum| stands?(sum, figures) }.map { |sum| [stage, figures, sum] }
        }
      end
      expect(faults).to eq []
    end
  end

  # The numbers of a row, as they are printed.
  def figures(row)
    (row.at_css(".row-figure, .number")&.text || "").gsub(/(?<=\d)\u00A0(?=\d{3})/, "").tr("−", "-")
      .scan(%r{-?\d+(?: \d+/\d+|/\d+|\.\d+)?})
  end

  def sums(row)
    lines = row.at_css("summary, .sum-cell")&.inner_html.to_s.split(/<br>|; /)
    lines.map { |line| Nokogiri::HTML5.fragment(line).text.strip.split(/\. (?=[A-Z])|\.\z/).first.to_s.split(" = ") }
      .select { |sum, _| sum.to_s.match?(/[+−×÷(]/) && Sums.worked(sum) }
  end

  # Whether a sum comes to what stands behind it, or where nothing does to one of the figures: as
  # near as that is printed.
  def stands?(sum, figures)
    text, told = sum
    return Sums.near?(text, told) if told

    worked = Sums.worked(text)
    figures.any? { |figure| (worked - Sums.told(figure)).abs <= (figure.include?("/") ? 1.0 / 31 : 0.051) }
  end
end
