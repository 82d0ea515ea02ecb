# frozen_string_literal: true

require "support/share"

# What is printed into a form, posted untouched, changes nothing: in either unit,
# at every grain, on every screen. Of a page's fields a share is posted here, another by each seed, and all of them by
# `bin/bench whole`.
RSpec.describe "Forms posted untouched" do
  include Site

  let(:inches) do
    {"widths" => {"top" => "71 3/16", "middle" => "71 1/4", "bottom" => "71 5/16"},
     "heights" => {"left" => "88 5/16", "middle" => "88 1/4", "right" => "88 3/8"},
     "diagonals" => {"rising" => "113 1/2"}, "leans" => {"left" => "1/16", "right" => "-1/32"},
     "floor" => [["0", "0"], ["35 1/2", "1/8"]], "bays" => [["0", "30 1/4"]], "depth" => "4 7/8",
     "covering" => {"thickness" => "9/16"},
     "check" => {"left" => "88", "middle" => "88 1/16", "right" => "88 1/8"},
     "front" => "40", "beside" => {"left" => "80", "right" => "80 1/16"}, "above" => "10 3/32",
     "head" => {"of" => "board", "board" => "1/2", "joists" => ["2 3/8", "18 1/64", "34"]},
     "wall" => {"thickness" => "4 1/2", "board" => "1/2", "projection" => "5/8", "studs" => ["4", "20 1/16"],
                "services" => ["drain"]}}
  end
  let(:millimetres) do
    {"widths" => {"top" => "1808", "middle" => "1809.5", "bottom" => "181,2 cm"},
     "heights" => {"left" => "2243", "middle" => "2240.2", "right" => "2 244"},
     "diagonals" => {"rising" => "2886"},
     "leans" => {"left" => "2", "right" => "-2.4"}, "floor" => [["0", "0"], ["900", "3.3"]],
     "bays" => [["0", "600.4"]],
     "depth" => "124", "covering" => {"thickness" => "14"},
     "check" => {"left" => "2240", "middle" => "2240", "right" => "2241.7"},
     "front" => "900", "beside" => {"left" => "2000", "right" => "2000.5"}, "above" => "260",
     "head" => {"of" => "board", "board" => "12.5", "joists" => ["60", "460.4", "86 cm"]},
     "wall" => {"thickness" => "110", "board" => "12.5", "projection" => "15", "studs" => %w[120 520.5],
                "services" => ["drain"]}}
  end
  let(:surveys) do
    {"mm" => millimetres, "in" => inches}
  end
  let(:choices) do
    {"lap" => "41 mm", "gap" => "5/16\"", "packing" => {"left" => "3/4\"", "right" => "7 mm"},
     "makeup" => [{"material" => "mirror", "thickness" => "4 mm"}],
     "half_jamb" => {"thickness" => "22 mm"}, "slab" => {"width" => "1200 mm", "height" => "2400 mm"}}
  end
  # Doors as they come: what may not be cut, and all that is said of it.
  let(:ready) do
    {"width" => "36 1/4\"", "height" => "2100.5 mm", "proud" => "1/16\"", "handle_height" => "38 9/16\"",
     "packing" => {"left" => "3/4\"", "right" => "7 mm", "head" => "5/16\""}, "weighed" => 24.35,
     "makeup" => [{"material" => "glass", "thickness" => "4 mm", "share" => 0.4}],
     "frame" => {"stile" => "3 3/4\"", "rails" => ["95 mm", "4 11/16\""], "wood" => "hardwood"}}
  end
  let(:of_kits) do
    {"twin-42" => {"guide" => "tongue", "tongue" => {"width" => "6 mm", "reach" => "5/16\""}, "setback" => "3/8\"",
                   "pelmet" => {"height" => "100 mm", "thickness" => "3/4\""},
                   "soft_close" => {"body" => "13 1/64\"", "spacer" => "40 mm"}},
     "roll-36" => {"base_strip" => "1 3/16\""},
     "bar-1" => {"header_board" => {"height" => "5 1/2\"", "thickness" => "20 mm"}, "guide" => "groove",
                 "fin" => {"width" => "3/16\"", "height" => "28 mm", "length" => "18 mm"},
                 "cover" => {"side" => "1 5/8\"", "head" => "45 mm"}},
     "fold-34" => {"half_jamb" => {"thickness" => "22 mm", "depth" => "13/16\""}, "side_gap" => "3/16\""},
     "pocket-90" => {"lining" => "3/4\"", "nib" => "15 mm"}}
  end
  kits = %w[twin-42 roll-36 bar-1 fold-34 pocket-90]

  def full(units, kit, grain: nil, set: choices)
    family = YellowTrack::Files::Shelf.kits.fetch(kit).family
    changes = {"survey" => surveys.fetch(units),
               "set" => set.merge("family" => family, "kit" => kit, "thickness" => "35 mm")}
    hang(units:, **changes, **(grain ? {"grain" => grain} : {}))
  end

  # Posts every field of the page as it stands, as a browser would.
  def post_untouched(row, stage, query)
    look("/openings/#{row.id}/#{stage}#{query}")
    forms = page.css("form.field").select { |form| form.at_css("[name^=value]:not(button)") }.map do |form|
      [form["id"], form.css("input[name], select[name]").filter_map { |one| value_of(one) }]
    end
    Share.of(forms, 4).each_with_index do |(id, values), place|
      sent = Rack::Utils.parse_nested_query(Rack::Utils.build_query(values))
      field = YellowTrack::Desk::Fields[sent.fetch("key")]
      by_route = place.zero? || field.kind == :kit # which the route looks up
      by_route ? send_form("/openings/#{row.id}/values", sent, htmx: true) : write(row, field, sent)
      now = book.openings.find(row.id)
      expect([now.version, now.document.to_h]).to eq([row.version, row.document.to_h]),
        "#{stage}#{query} #{id}: #{values}"
    end
    forms.length
  end

  # What the route does with it: one of a page is sent, to see the answer drawn.
  def write(row, field, sent)
    opening = YellowTrack::Desk::KeptOpening.new(book, book.openings.find(row.id))
    unit = YellowTrack::Length::UNITS.find { |one| one.name == sent["unit"] } || opening.opening.units
    YellowTrack::Desk::Writing.new(opening, who: Site::FITTER, owner: "account-1")
      .write(field, sent["value"], seen: Integer(sent.fetch("seen"), 10), unit:)
  end

  def value_of(one)
    return if one["type"] == "checkbox" && !one["checked"]

    chosen = one.css("option[selected]").first || one.css("option").first if one.name == "select"
    [one["name"], (chosen || one)["value"].to_s]
  end

  Share.of(kits.product(%w[mm in]), 2).each do |kit, units|
    it "change nothing: #{kit}, measured in #{units}, shown in either" do
      row = full(units, kit)
      fields = %w[measure size prepare].product(["?unit=own", "?unit=other"]).sum do |stage, query|
        post_untouched(row, stage, query)
      end
      expect(fields).to be > 100
      expect(book.db[:drafts].count).to eq 0
    end
  end

  Share.of(kits.product(%w[mm in]), 2).each do |kit, units|
    it "change nothing of doors as they come: #{kit}, measured in #{units}, shown in either" do
      row = full(units, kit, set: ready.merge(of_kits.fetch(kit)))
      expect(plan_of(row.document.to_h)).to be_whole
      fields = %w[size prepare].product(["?unit=own", "?unit=other"]).sum do |stage, query|
        post_untouched(row, stage, query)
      end
      expect(fields).to be > 60
      expect(book.db[:drafts].count).to eq 0
    end
  end

  %w[mm in].each do |units|
    it "change nothing of a door that hangs badly, measured in #{units}, shown in either" do
      told = {"symptoms" => ["scrapes"], "words" => "It drags; since spring", "holder" => 2, "track" => "lift",
              "has" => {"infill" => true, "neighbour" => false}, "propped" => true, "cause" => "wheel_worn",
              "findings" => {"came" => "slowly", "taper" => "1/8\"", "play" => "2.25 mm", "engagement" => "unknown"},
              "old" => {"wheel" => "21.6 mm", "room" => "1/4\"", "material" => "steel", "turned" => true},
              "new" => {"wheel" => "15/16\"", "rating" => 22.5, "bar" => "3.2 mm"}, "lip" => "bent",
              "found" => {"floor_left" => "3/16\"", "head" => "13.8 mm", "pull" => 24.5}, "left" => {"top" => "1/64\""},
              "figures" => {"parts" => 58.4}, "air" => {"room" => "5/32\""}, "hole" => {"from" => "25 mm"}}
      kit = YellowTrack::Files::Shelf.unknown_kit("bottom-rolling")
      row = hang(:units => units, "survey" => {"planned" => true}, "service" => told,
        "set" => {"family" => "bypass", "kit" => kit, "panels" => 2, "width" => "34 1/16\"", "height" => "2223 mm"})
      fields = %w[look take-down mend rehang].product(["?unit=own", "?unit=other"]).sum do |stage, query|
        post_untouched(row, stage, query)
      end
      expect(fields).to be > 150
      expect(book.db[:drafts].count).to eq 0
    end
  end

  {"mm" => ["0.1 mm", "0.5 mm", "1 mm", "2 mm", "5 mm"], "in" => %w[1/64 1/32 1/16 1/8]}.each do |units, grains|
    grains.each do |grain|
      it "change nothing, and cut what the plan says, at a grain of #{grain} in a job in #{units}" do
        row = full(units, "twin-42", grain:)
        post_untouched(row, "size", "?unit=other")
        planned = YellowTrack::Desk::KeptOpening.new(book, row).parts.linear.to_h { |part| [part.code, part.length] }
        %w[own other].each do |unit|
          typed = planned.keys.to_h do |code|
            look("/openings/#{row.id}/cut?unit=#{unit}&piece=#{code}")
            shown = page.at_css(".piece-form input[name=unit]")["value"].to_sym
            [code, YellowTrack::Length.parse(page.at_css("input[name='as_cut[#{code}]']")["value"], unit: shown).mm]
          end
          expect(typed).to eq planned
        end
      end
    end
  end

  it "change nothing of what hangs and was read, in either unit" do
    {"mm" => ["0.5", "2", "6.25"], "in" => ["0", "1/8", "15/64"]}.each do |units, (top, middle, bottom)|
      row = full(units, "twin-42")
      {"top" => top, "middle" => middle, "bottom" => bottom}.each do |gap, text|
        type(book.openings.find(row.id), "hung.B.gaps.#{gap}", text, stage: "adjust")
      end
      row = book.openings.find(row.id)
      ["?panel=B&unit=own", "?panel=B&unit=other"].each do |query|
        expect(post_untouched(row, "adjust", query)).to be >= 3
      end
    end
  end

  it "keep a bare number in the unit that it was typed in: a page in the other unit means the other unit" do
    row = full("mm", "twin-42")
    look("/openings/#{row.id}/size?unit=other")
    type(row, "set.lap", "1 1/2", stage: "size", unit: "in")
    expect(saved(row, "set.lap")).to eq "1 1/2 in"
    type(book.openings.find(row.id), "set.lap", "40", stage: "size", unit: "mm")
    expect(saved(row, "set.lap")).to eq "40"
  end
end
