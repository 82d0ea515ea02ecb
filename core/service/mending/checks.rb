# frozen_string_literal: true

module YellowTrack
  module Mending
    # What is to be minded of a door that hangs badly, and of its mend (handbook 13,
    # "Checks").
    class Checks < CheckList
      DANGER = 0.1 # share of a cause that can hurt somebody
      BAR = 3 # mm of metal beyond the rim of a hole
      WOOD = {stop: 4, watch: 6}.freeze # mm beside a mortise
      STEP = 0.5 # mm between two tracks
      PROBE = 3 # mm that an awl goes into wood that holds something
      HOLES = 3 # screw diameters from an open hole
      PULL = 0.5 # N for a kg of panel
      COSTS = {watch: 1.2, note: 0.6}.freeze # mending as a share of new

      check "service.safe", :stop do |door|
        door.falls && !door.propped && !door.down &&
          ["It can fall, and is neither propped nor down.", "Prop it or take it down before anything is asked."]
      end

      check "service.danger", :stop do |door|
        next unless door.ended?

        cause = door.diagnosis.causes.find { |one| one.cause.danger && one.share >= DANGER && !looked_at?(door, one) }
        cause && ["#{cause.cause.label} stands at #{percent(cause.share)}, and nobody has looked at it by hand.",
          "Look at it before anything else: it can hurt somebody."]
      end

      check "service.unsure", :watch do |door|
        next if !door.ended? || door.first.nil? || door.diagnosis.named?
        if door.diagnosis.mends.empty?
          next ["None of the known causes fits: #{percent(door.diagnosis.none.share)} for none of them.",
            "Look by hand, and write down what it was."]
        end

        ["Nothing more tells much, and no cause has #{percent(Diagnosis::Ending::NAMED)}.",
          "Mend in the order of share for minutes, and ask again after each."]
      end

      check "service.proof", :watch do |door|
        door.taken_down && door.first && door.first.share < Diagnosis::Ending::PROVED &&
          ["It comes down for a cause under #{percent(Diagnosis::Ending::PROVED)}.",
            "Look at it as soon as the door is down."]
      end

      check "service.quarrel", :watch do |door|
        quarrel = door.diagnosis&.quarrel
        quarrel && ["The answers go ill together, by #{quarrel.bits.round(1)} bits.",
          "Ask again: #{quarrel.answers.map { |one| one.finding.ask }.join(" ")}"]
      end

      check "service.behind", :watch do |door|
        rows = (door.behind || []).select(&:level)
        next if rows.empty? || !(door.hung || door.to_hang)

        stops = rows.select(&:stop?)
        next [told_behind(rows), "Look, and mend that too."] if stops.empty?

        [:stop, "It would fall again. #{told_behind(stops)}", "Look, and mend that before it hangs."]
      end

      check "service.hold", :stop do |door|
        door.holder && door.hands && door.holder < door.hands &&
          ["#{door.holder} to hold it; it takes #{door.hands} at the last thing that holds.",
            "Fetch another, or a lifter."]
      end

      check "service.marks", :watch do |door|
        door.taken_down && !door.marked && ["It is down without its marks.", "Mark it before it is turned round."]
      end

      check "service.while_off", :watch do |door|
        door.hung && door.undone.any? && ["Hung, and not done while it was off: #{door.undone.join(", ")}.",
          "Take it off again, or write down why not."]
      end

      check "service.gain", :stop do |door|
        low, high = door.room
        low && low > high && ["After the gain no place of the adjusters keeps every gap: #{len(low - high)} are " \
          "missing.", "Spacer out, the head planed, or a smaller wheel."]
      end

      check "service.pair", :watch do |door|
        next ["One roller of two is changed.", "Both rollers, always: one alone alters the taper."] if door.one_only

        door.other_hand && ["The two are of different hands.", "Both turned the same way."]
      end

      check "service.offset", :stop do |door|
        side, air = door.air&.min_by(&:last)
        air && door.kit && air < (door.kit["air.least"] || 0) && ["#{len([air, 0].max)} of air left at the #{side}; " \
          "#{len(door.kit["air.least"])} are needed.", "Turn both rollers round, or a roller with another offset."]
      end

      check "service.bar", :stop do |door|
        door.bar && door.bar < BAR && ["#{len(door.bar)} of metal beyond the hole; #{len(BAR)} are needed.",
          "Lengthen the slot at the other side, or take a longer bar."]
      end

      check "service.mortise", :watch do |door|
        wood = door.thickness && door.body && (door.thickness - door.body) / 2
        next unless wood && wood < WOOD[:watch]

        says = ["#{len([wood, 0].max)} of wood beside the body.", "A narrower body, or a hanger on the face."]
        (wood < WOOD[:stop]) ? [:stop, *says] : says
      end

      check "service.rating", :stop do |door|
        load, rated = door.material&.load, door.rated
        next unless load && rated && load > rated * Material::SHARE

        says = ["A wheel carries #{kilos(load)} and is rated for #{kilos(rated)}.", "Another material, or more wheels."]
        (load > rated) ? says : [:watch, *says]
      end

      check "service.damp", :watch do |door|
        door.damp && door.made_of == "steel" &&
          ["Plain steel where it is damp rusts and wears flat.", "Nylon or brass."]
      end

      check "service.oil", :watch do |door|
        door.oiled && ["Oil on the track holds grit and turns to glue.", "Solvent on a cloth until it stays clean."]
      end

      check "service.lip", :stop do |door|
        %w[cracked kinked].include?(door.lip) && ["The lip is #{door.lip}#{" over a third of its height" if
          door.lip == "kinked"}.", "A new piece of track."]
      end

      check "service.fixing", :stop do |door|
        {"turns" => ["A fixing turns and does not bite.", "Longer into the same timber, plug and redrill, or 25 on."],
         "board" => ["Board alone carries no track.", "A stud, or a header board over the studs."]}[door.fixing]
      end

      check "service.step", :watch do |door|
        door.step && door.step > STEP && ["A step of #{len(door.step)} between the two tracks.",
          "Raise the lower by its screws, then the leaves by their adjusters."]
      end

      check "service.hole", :watch do |door|
        from, screw = door.hole&.values_at("from", "screw")
        from && screw && from < HOLES * screw && ["The new hole is #{len(from)} from an open one; " \
          "#{len(HOLES * screw)} are needed.", "Fill the old hole, or go farther on."]
      end

      check "service.edge", :watch do |door|
        door.hung && door.bare &&
          ["A bare edge is hung for good.", "Off again, and sealed: water comes from the floor."]
      end

      check "service.wait", :watch do |door|
        door.waits && ["Hung before its wait was over: #{door.waits}.", "Take it off, or leave it still until then."]
      end

      check "service.insects", :watch do |door|
        door.pale_dust && ["Pale dust: they are alive.", "Treat it, and look at what stands beside it."]
      end

      check "service.probe", :stop do |door|
        door.probe && door.probe > PROBE && ["An awl goes #{len(door.probe)} in where something holds.",
          "New wood let in before it is hung."]
      end

      check "service.replace", :note do |door|
        share = door.replacing&.share
        next unless share && share > COSTS[:note]

        says = ["Mending comes to #{percent(share)} of new.", "The customer decides."]
        (share > COSTS[:watch]) ? [:watch, *says] : says
      end

      check "service.pull", :watch do |door|
        left, weight = door.pull_left, door.weight
        next unless left

        most = [weight && weight * PULL, door.pull_found].compact.min
        most && left > most && ["It takes #{newtons(left)} to move; #{newtons(most)} at most was wanted.",
          "Look at wheel, track and guide again."]
      end

      check "service.readings", :watch do |door|
        door.closed && !door.left_read && ["Closed without readings as it was left.", "Read the gaps once more."]
      end

      check "service.again", :note do |door|
        door.again && [door.again, "Look behind it."]
      end

      private

      # What stands behind a mend: what it is, and whether it is so or nobody looked.
      def told_behind(rows)
        rows.map { |row|
          "#{row.cause.label}: #{(row.state == "stands") ? "it is so" : "not looked at yet"}."
        }.join(" ")
      end

      # Whether something that was looked at or measured speaks of a cause.
      def looked_at?(door, standing)
        door.diagnosis.taken.any? { |one| one.finding.how != "ask" && standing.cause.evidence.key?(one.finding.key) }
      end

      def percent(share) = "#{(share * 100).round} %"

      def kilos(weight) = "#{weight.to_f.round(1)}\u00A0kg"

      def newtons(force) = "#{force.to_f.round(1)}\u00A0N"
    end
  end
end
