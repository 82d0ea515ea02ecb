# frozen_string_literal: true

# The demo job's numbers on the paper, on the screen and in the plan file.
RSpec.describe "The same numbers" do
  include Site

  # What a pack would have written.
  def words_of(pack)
    written = []
    allow_any_instance_of(YellowTrack::Drawing::Paper::Page).to receive(:text) { |_, words, **| written << words.to_s }
    pack.render
    written
  end

  it "stand on the paper, on the screen and in the plan file", :demo do
    book.openings.of(1).each do |row|
      work = YellowTrack::Desk::KeptOpening.new(book, row)
      file = work.plan.to_h
      opening = YellowTrack::Drawing::Paper::Pack::Packed.new(plan: work.plan, parts: work.parts, letter: row.letter,
        name: row.name, revision: 1, address: "http://127.0.0.1/", rows: [], cautions: [])
      written = words_of(YellowTrack::Drawing::Paper::Pack
        .new(job: "Osier Weir", date: "", address: "http://127.0.0.1/", openings: [opening], lots: -> { [] }))
      printer = work.cut_printer
      file["track"]["pieces"].each_with_index do |length, place|
        expect(written).to include(printer.with_unit(length.to_r))
        look("/openings/#{row.id}/cut?piece=#{row.letter}-T#{place + 1}")
        expect(page.at_css("input[name='as_cut[#{row.letter}-T#{place + 1}]']")["value"].to_f).to eq length
      end
      file["panels"].each do |panel|
        expect(written).to include("#{printer.short(panel["width"].to_r)} × #{printer.with_unit(panel["height"].to_r)}")
        expect(page.css("table td.num").map(&:text))
          .to include(printer.short(panel["width"].to_r), printer.short(panel["height"].to_r))
      end
    end
  end
end
