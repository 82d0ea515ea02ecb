# frozen_string_literal: true

module YellowTrack
  class Pocket
    # What is wrong with a pocket set (handbook 6).
    class Checks < CheckList
      include CommonChecks

      STAY_LEAST = 10 # mm of a closed panel in the pocket

      check "pocket.wall", :stop do |set|
        wall = set.brief.survey["wall.thickness"]
        wall && set.wall > wall && ["The wall has to be #{at_least(set.wall)} thick and is #{len(wall)}.",
          "Thinner panels or boards, or fur the wall out."]
      end

      check "pocket.services", :stop do |set|
        services = set.brief.survey["wall.services"] || []
        services.any? && ["In the pocket's part of the wall: #{services.join("; ")}.",
          "Have them moved by a licensed person, or choose another set."]
      end

      check "pocket.load", :stop do |set|
        survey = set.brief.survey
        survey["wall.bears_load"] && !survey["wall.header"] && ["The wall bears load and no header is planned.",
          "A licensed person designs the header first."]
      end

      check "pocket.beside", :stop do |set|
        short = set.pocket_sides.select do |side|
          (free = set.brief.survey["beside.#{side}"]) && free < set.needed_beside
        end
        next if short.empty?

        says = short.map { |side| "#{len(set.brief.survey["beside.#{side}"])} of wall at the #{side}" }
        ["#{says.join(", ")}; the pocket takes #{at_least(set.needed_beside)}.", "Narrower panels, or two leaves."]
      end

      check "pocket.thickness", :stop do |set|
        wrong_thickness(set)
      end

      check "pocket.weight", :stop do |set|
        weighed(set)
      end

      check "pocket.height", :stop do |set|
        too_tall_or_short(set)
      end

      check "pocket.stay", :watch do |set|
        stay = set.stay
        next unless stay < STAY_LEAST

        wider = "a panel #{at_least(STAY_LEAST - stay)} wider."
        if stay.negative?
          next [:stop, "The closed panel is #{at_least(-stay)} short of the pocket's mouth.", "Take #{wider}"]
        end

        ["Only #{at_most(stay)} of the closed panel stays in the pocket: its mouth shows.",
          "Keep #{len(STAY_LEAST)} or more: #{wider}"]
      end

      check "pocket.nib", :note do |set|
        set.nib.positive? && ["A nib of #{len(set.nib)} is left showing: that much clear width is lost.",
          "Edge pulls need none."]
      end

      check "pocket.service", :watch do |set|
        set.opening["service_side"].to_s.strip.empty? && ["No service side chosen.",
          "Choose the side whose head lining stays screwed, not glued."]
      end

      check "pocket.fixing", :note do |set|
        ["Screws and nails into the pocket's studs: #{at_most(set.longest_screw)} at most.",
          "A longer one scores every panel that passes."]
      end

      check "pocket.gap.least", :stop do |set|
        gap_under_least(set.panels.map { |panel| panel.gap.least }.min, set.kit["gap.least"], "under the panel",
          planned: set.gap)
      end

      check "pocket.gap.most", :watch do |set|
        gap_over_most(set.panels.map { |panel| panel.gap.most }.max, set.kit["gap.most"], "under the panel")
      end
    end
  end
end
