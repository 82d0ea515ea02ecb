# frozen_string_literal: true

RSpec.describe YellowTrack::Demo::Loader, :demo do
  include Site

  def row(letter) = book.openings.of(1).find { |one| one.letter == letter }

  def steps(letter) = YellowTrack::Desk::KeptOpening.new(book, row(letter)).progress

  def adjusting(letter) = YellowTrack::Desk::KeptOpening.new(book, row(letter)).turning

  it "has opening B hung and being adjusted: one panel tapers, after one move" do
    expect(adjusting("B").reading.name).to eq "B"
    expect(adjusting("B").moves.first).to have_attributes(found: {"top" => 0, "middle" => 2.5r, "bottom" => 6})
    expect(adjusting("B").answer.taper).to eq(-6)
    expect(adjusting("B").settled?).to be false
    expect(steps("B").find("covering").waits).to eq "the floor layer"
  end

  it "has D trial-hung and off for paint, F with its frame up and no boards, H handed over" do
    expect(steps("D").now.key).to eq "seal"
    expect(steps("F").now.key).to eq "boards"
    expect(steps("F").promised(steps("F").now)).to be > Date.today
    expect(steps("H").done?).to be true
    expect(adjusting("H").settled?).to be true
  end

  it "dates everything before today, in order, by a crew of two" do
    %w[B D F H].each do |letter|
      told = book.log.of(row(letter).id)
      expect(told.map(&:at)).to eq(told.map(&:at).sort), letter
      expect(told.reject { |entry| entry.kind == "wait" }.map { |entry| Time.iso8601(entry.at) }).to all be < Time.now
    end
    names = book.openings.of(1).flat_map { |one| book.log.names_in(one.id) }.uniq
    expect(names - ["fitter"]).to contain_exactly("Runa", "Odo")
  end

  %w[hang adjust log].each do |screen|
    it "shows #{screen} of every opening" do
      book.db[:openings].select_map(:id).map { |id| book.openings.find(id) }.each do |one|
        look("/openings/#{one.id}/#{screen}")
        expect(last_response.status).to eq(200), "#{one.letter} #{one.name}"
      end
    end
  end
end
