# frozen_string_literal: true

require "support/share"

# The steps of openings on days: what comes after what is kept, whatever hangs. A share of the kinds here, another by
# each seed, all of them by `bin/bench whole`.
RSpec.describe YellowTrack::Desk::Agenda do
  include Site

  let(:random) { Random.new(RSpec.configuration.seed) }
  let(:job) { book.jobs.add(name: "Osier Weir") }

  def added(kind, **changes)
    made = YellowTrack::Store::Document.new(document_of(kind, random).merge("name" => kind))
    changes.each { |key, value| made = made.with(key.to_s, value) }
    book.openings.add(job_id: job.id, document: made)
  end

  def visiting = YellowTrack::Desk::JobVisits.new(YellowTrack::Desk::Job.new(book, book.jobs.find(job.id)))

  Share.of(Kinds::ALL.keys, 3).each do |kind|
    it "plans #{kind}, cut in the shop or on site, fitted or finished first" do
      [{}, {"set.order" => "finish"}, {"set.height_cut" => "site"},
        {"survey.covering" => {"thickness" => "12", "laid" => false}}].each { |changes| added(kind, **changes) }
      expect(visiting.faults).to eq([]), kind
      times = visiting.result["steps"].to_h { |step| [step["key"], step] }
      visiting.steps.each do |step|
        (step["after"] || []).each do |after|
          next if step["ended"] || times.dig(after["step"], "end").nil?

          expect(times[step["key"]]["start"]).to be >= times[after["step"]]["end"], "#{step["key"]}, #{after["step"]}"
        end
      end
      expect(visiting.result["look_backs"].flat_map { |look| look["openings"] }).to match_array %w[A B C D]
    end
  end

  it "knows what is done by what the stages say, step by step, until all of it is" do
    row = added("top-hung pair")
    opening = -> { YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id)) }
    open = -> { described_class.new(opening.call, {}).open_count }
    before = open.call
    opening.call.progress.steps.each do |step|
      opening.call.progress.tick!(step, true, who: "Odo")
      expect(open.call).to be <= before
      before = open.call
    end
    expect(described_class.new(opening.call, {}).steps.select { |step| step["ended"].nil? }.map { |step| step["key"] })
      .to eq %w[A-over]
    YellowTrack::Desk::HandingOver.new(opening.call)
      .hand_over!(YellowTrack::Desk::HandingOver::Typed.new({"reason" => "as it is"}), who: "Odo")
    expect(open.call).to eq 0
  end
end
