# frozen_string_literal: true

# The whole list of a set of each family, read from its first line to its last, and the faults that lists had
# before their order was proved, each as it was met on site.
RSpec.describe "A list of work, read as a fitter would" do
  def hang(**changes)
    made = plan(**changes)
    YellowTrack::Steps.new(made, YellowTrack::Files::StepSheets.of(made.opening.kit), made.opening.printer)
  end

  def keys(hang) = hang.steps.map { |step| step.key.delete_suffix(".1") }

  def does(hang, key) = hang.steps.find { |step| step.key == key }.does.tr("\u00A0\u202F", "  ")

  def bypass(kit, **more) = {"set" => {"family" => "bypass", "kit" => kit, **more.transform_keys(&:to_s)}}

  pocket = {"set" => {"family" => "pocket", "kit" => "pocket-90"}}
  fold = {"set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 2,
                    "half_jamb" => {"thickness" => 20, "depth" => 20}}}
  to_come = {"survey.covering" => {"thickness" => 14, "laid" => false}}
  last = %w[level stops pulls gaps]
  painted = %w[trial off pulls-bore seal paint rehang]

  it "top-hung: line, packing, track, hangers, the inner lane first; all that is cut before paint" do
    made = hang("set.packing" => {"left" => 6}, "set.soft_close" => {"body" => 330, "spacer" => 40}, **to_come)
    expect(keys(made)).to eq %w[check line pack-jambs pack-head catches track hangers hang hang.2 close trial off
      pulls-bore strikers seal covering paint rehang guides level stops soft-close pulls gaps]
  end

  it "bottom-rolling: rail and channel, rollers, one lane after the other" do
    expect(keys(hang(**bypass("roll-36", panels: 2))))
      .to eq %w[check pack-head rail top-guides rollers hang hang.2] + painted + last
  end

  it "wall-hung: studs, rails, stops before a rail's end is closed, three lanes" do
    expect(keys(hang(**bypass("bar-3", panels: 3, thickness: 32))))
      .to eq %w[check studs rail loose-stops groove hangers hang hang.2 hang.3] + painted + %w[anti-jump guides] + last
  end

  it "bifold: half jambs before the track takes its place from them, hinges, pins, all off for paint" do
    expect(keys(hang(**fold))).to eq %w[check pack-head half-jambs track-joint track brackets hinges pins hang trial
      off seal paint rehang level handle gaps]
  end

  it "pocket: the leaf has run before the wall is closed, the lining last of all" do
    expect(keys(hang(**pocket))).to eq %w[check frame pack-head track-joint track rollers hang run stop guides boards
      trial off pulls-bore seal paint rehang level pulls gaps lining]
  end

  describe "which told a fitter to undo what he had done" do
    it "1: guides are set once all panels hang closed for good, and the sentence says so" do
      expect(keys(hang).each_cons(2)).to include %w[rehang guides]
      expect(does(hang, "guides")).to start_with "With all panels closed: set"
    end

    it "2: frames are dry-fitted, measured under the track that is up, and glued after" do
      made = hang("set.frame" => {"stile" => 95}, "set.height_cut" => "site")
      expect(keys(made) & %w[track measure frame-grooves frame-dry frame-glue])
        .to eq %w[track measure frame-grooves frame-dry frame-glue]
    end

    it "3: the finished floor is grooved while no panel hangs over it" do
      made = keys(hang("set.guide" => "tongue", **to_come))
      expect(made & %w[off covering floor-groove rehang]).to eq %w[off covering floor-groove rehang]
    end

    it "4: pulls are tried at the trial, bored while the panels are off, before paint" do
      expect(does(hang, "trial")).to include "hold a pull in its place"
      expect(keys(hang) & %w[trial off pulls-bore seal paint]).to eq %w[trial off pulls-bore seal paint]
    end

    it "5: a pull in a pocket is tried at its mouth, and one panel on a wall passes no other" do
      expect(does(hang(**pocket), "trial")).to include("clears the mouth").and not_include("pass each other")
      alone = hang(**bypass("bar-1", panels: 1, thickness: 35))
      expect(does(alone, "trial")).to include("clears the wall").and not_include("pass each other")
      expect(alone.steps.map(&:does).join).to not_include("lane first").and not_include("further lane")
    end

    it "6: the soft close's strikers are drilled before paint, its dampers set after the stops" do
      made = keys(hang("set.soft_close" => {"body" => 330, "spacer" => 40}))
      expect(made & %w[strikers paint stops soft-close]).to eq %w[strikers paint stops soft-close]
    end

    it "7: a head is built down, with its nogging, before a line is drawn on it" do
      made = keys(hang("set.height" => 1900, "survey.wall" => {"thickness" => 100}))
      expect(made & %w[build-head line track]).to eq %w[build-head line track]
    end

    it "8: nothing is painted of doors that came finished, and a bored face is told to be taped" do
      made = hang("set.finished" => true, "set.makeup" => [{"material" => "mirror", "thickness" => 4}])
      expect(keys(made) & %w[trial off paint rehang]).to eq []
      expect(does(made, "pulls-bore")).to end_with "tape it, and seal what is raw."
    end

    it "9: hinges that are on are not let in once more" do
      expect(keys(hang("set" => fold["set"].merge("hinged" => true)))).not_to include "hinges"
    end

    it "10: what is bored or fitted of pulls is nothing where there are none" do
      expect(keys(hang("set.pulls" => "none")) & %w[pulls-bore pulls]).to eq []
      expect(does(hang("set.pulls" => "none"), "trial")).not_to include "pull"
    end

    it "11: a brought slab is lipped and dried, trimmed, treated twice and filled before anything is let into it" do
      made = hang("set.slab" => {"width" => 1200, "height" => 2600, "old" => {"treat" => 2}})
      expect(keys(made) & %w[slab-rip slab-trim slab-treat slab-treat.2 fill slab-prime hangers])
        .to eq %w[slab-rip slab-trim slab-treat slab-treat.2 fill slab-prime hangers]
    end

    it "12: nothing is screwed into a heated floor: a guide is glued" do
      expect(does(hang("survey.floor_of" => "heated"), "guides")).to include ": glue the floor guides"
    end
  end
end
