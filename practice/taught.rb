# frozen_string_literal: true

module YellowTrack
  module Practice
    # What each drill's lesson moves, and which of its sums it shows.
    #
    # kind    the lesson's class; level and seed, of the question that it stands on
    # label   what is moved; path to it in the question's file; by, how far from there, or
    #         where it is set, to what
    # entries of the plan's ledger; says, what follows, in words; drawn, what is drawn
    module Taught
      ROWS = {
        "read-opening" => {
          kind: Lesson::OnOpening, level: 2, seed: 1, label: "the rising diagonal",
          path: %w[survey diagonals rising], by: (-80..0).step(5), entries: [],
          says: ->(plan) { ReadOpening.departs(plan.closure) },
          drawn: ->(plan) { [plan.opening.survey, plan.closure] }
        },
        "tightest" => {
          kind: Lesson::OnOpening, level: 3, seed: 4, label: "the width in the middle", path: %w[survey widths middle],
          by: (-12..12).step(2), entries: %w[survey.tightest_width survey.level_height],
          drawn: ->(plan) { [plan.opening.survey, plan.closure] }
        },
        "panel-width" => {
          kind: Lesson::OnOpening, label: "the lap", path: %w[set lap], by: (22..70).step(4), set: true,
          entries: %w[run panels.width laps.lap]
        },
        "what-lap" => {
          kind: Lesson::OnOpening, level: 1, label: "the panels' own width", path: %w[set width], by: (-30..30).step(5),
          entries: %w[run laps.lap packing.design]
        },
        "does-it-fit" => {
          kind: Lesson::OnOpening, label: "the doors' height", path: %w[set height], by: (-60..60).step(10),
          entries: %w[gap build.needed build.least build.most]
        },
        "side-gap" => {
          kind: Lesson::OnOpening, label: "the pivot's inset", path: %w[set kit pivot_inset],
          by: (16..38).step(2), set: true,
          entries: %w[pivots.least_corner pivots.side_gap]
        },
        "pocket-frame" => {
          kind: Lesson::OnOpening, label: "the leaf's thickness", path: %w[set thickness], by: (30..44).step(2),
          set: true,
          entries: %w[pocket.rough_width pocket.wall pocket.longest_screw]
        },
        "left-to-cut" => {
          kind: Lesson::OnOpening, level: 1, seed: 2, label: "the slab's height", path: %w[set slab height],
          by: (-60..20).step(5), entries: %w[alter.height alter.lipping],
          drawn: ->(plan) { [plan.set.slab, plan.set.width, plan.set.height] }
        },
        "build-up" => {
          kind: Lesson::OnOpening, label: "the packing wanted",
          path: %w[set packing left], by: (8..60).step(4), set: true,
          entries: [],
          says: ->(plan) { Layered.words(Prepare::BuildUp.new(plan.working["prepare.packing.left"].value)) },
          drawn: ->(plan) { Prepare::BuildUp.new(plan.working["prepare.packing.left"].value).to_h }
        },
        "cut-from" => {kind: Lesson::OnBars, level: 3, label: "the kerf", by: 0..8},
        "which-way" => {kind: Lesson::OnBench, level: 2, label: "the right hanger", moved: :turned, by: -12..12},
        "can-adjust" => {kind: Lesson::OnBench, level: 1, label: "the bow", moved: :bowed, by: 0..8},
        "guide-place" => {
          kind: Lesson::OnOpening, level: 1, label: "the lap", path: %w[set lap], by: (22..70).step(4), set: true,
          entries: %w[laps.lap laps.AB.guide_at]
        },
        "what-ails" => {kind: Lesson::OnDoor, level: 3, label: "the questions"},
        "holds-up" => {kind: Lesson::OnJob, level: 3, seed: 13, label: "what dries", by: (6..78).step(6)},
        "which-once-more" => {
          kind: Lesson::OnOpening, level: 3, seed: 37, label: "the height at the right, in truth",
          path: %w[survey heights right], by: (-12..12).step(2), entries: %w[gap laps.lap],
          says: ->(plan) { WhichOnceMore.stands(plan) },
          drawn: ->(plan) { [plan.opening.survey, plan.closure] }
        },
        "schools" => {
          kind: Lesson::OnOpening, level: 3, seed: 2, label: "thinnest part of the bottom rail",
          path: %w[set rail_thickness],
          by: (12..30).step(2), set: true, entries: %w[guides.groove_width guides.wood],
          says: ->(plan) {
            (plan.working["guides.wood"].value >= Place::Guiding::LEAST) ? "Wood enough: the groove hides the guide." :
              "Too little wood for a groove: side guides."
          }
        }
      }.freeze
    end
  end
end
