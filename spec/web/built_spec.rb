# frozen_string_literal: true

# As built beside as planned, and what it teaches where it helps (handbook 10).
RSpec.describe "As built" do
  include Site

  def shown(path)
    look(path)
    expect(last_response).to be_ok, path
    plain(page.text)
  end

  def leaning(mm) = hang("survey.leans" => {"left" => mm, "right" => mm}, "survey.diagonals" => {})

  it "draws differences as dots about the plan's line, and tells them" do
    row = hang("hung.A.gaps" => {"top" => "1", "middle" => "2", "bottom" => "4"})
    expect(shown("/openings/#{row.id}/built")).to include("gaps: middle").and include("readings: middle")
    expect(page.css("svg circle.dot").length).to be > 3
    expect(shown("/jobs/#{row.job_id}/built")).to include("A Bunk room")
    expect(shown("/kits/twin-42/built")).to include("gaps, 3")
    expect(shown("/kits/fold-34/built")).to include("Nothing was taken yet")
  end

  it "says in Measure how the jambs of the house lean, with how often, once five openings say so" do
    first = 2.times.map { leaning("4") }.first
    expect(shown("/openings/#{first.id}/measure")).not_to include("In this house jambs lean")
    2.times { leaning("3") }
    expect(shown("/openings/#{first.id}/measure")).not_to include("In this house jambs lean")
    2.times { leaning("3") }
    expect(shown("/openings/#{first.id}/measure")).to include("In this house jambs lean to the right")
      .and include("5 of 5")
  end

  it "says at the saw how cuts come out, once ten of a material do" do
    row = hang
    part = YellowTrack::Desk::KeptOpening.new(book, row).parts.linear.first
    cut = ->(times) {
      times.times { |place|
        book.saw.cut(hang, part, part.length + 0.5r, offcut_id: nil,
          rest: YellowTrack::Store::Saw::Rest.new(length: 0r, more: false))
      }
    }
    cut.call(9)
    expect(shown("/openings/#{row.id}/cut")).not_to include("Your cuts of it come out")
    cut.call(1)
    expect(shown("/openings/#{row.id}/cut")).to include("come out 0.5 mm long, 10 of 10 times")
  end

  it "offers a copy of the kit's sheet with the drop that came out" do
    5.times do
      row = hang("hung.A.gaps" => {"top" => "1", "middle" => "1", "bottom" => "1"})
      one = YellowTrack::Desk::KeptOpening.new(book, row).plan.set.readings.first
      book.openings.change(row.id, "hung.A.floor.left", "#{(one.planned_floor["left"] - 2).to_f} mm", seen: nil)
    end
    kit = YellowTrack::Files::Shelf.kits["twin-42"]
    expect(shown("/kits/twin-42/built")).to include("Its drop came out 2 mm more, 5 of 5 times")
    look(page.at_css(".check-note a")["href"])
    expect(page.at_css("[name='kit[drop]']")["value"].to_f).to eq kit["drop"].to_f + 2
    expect(YellowTrack::Files::Shelf.kits["twin-42"]["drop"]).to eq kit["drop"]
  end

  # Days on which an opening each is fitted as far as its track, which takes so many minutes.
  def fitted(days, minutes)
    days.each do |day|
      row = hang
      opening = -> { YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id)) }
      keys = opening.call.progress.steps.map(&:key)
      keys[0..keys.index("track")].each_with_index do |key, place|
        at = Time.local(2027, 3, day, 8, 0) + place * 60 + ((key == "track") ? (minutes - 1) * 60 : 0)
        YellowTrack::Store::Clock.during(at) {
          opening.call.progress.tick!(opening.call.progress.find(key), true, who: "Odo")
        }
      end
    end
  end

  it "offers the minutes that a step took, taken by a press alone; what nothing bears any more stays, and says so" do
    fitted(1..5, 101)
    expect(shown("/visits/hours")).to match(/takes 2\.\d+ times its minutes, 5 of 5/)
    press = page.css("button[name=take]").find { |one| one["value"].start_with?("steps.track.top-hung.minutes.once") }
    expect(book.house_rules.all.keys.grep(/\Asteps/)).to eq []
    send_form("/visits/hours", {"take" => press["value"]})
    taken = book.house_rules.all["steps.track.top-hung.minutes.once"]
    expect(taken.to_i).to be > 60
    expect(shown("/visits/hours")).not_to include("yours stays")
    fitted(6..12, 48)
    expect(shown("/visits/hours")).to include("yours stays; what was ticked no longer tells it from the usual")
    expect(book.house_rules.all["steps.track.top-hung.minutes.once"]).to eq taken
  end
end
