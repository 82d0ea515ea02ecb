# frozen_string_literal: true

module YellowTrack
  module Desk
    # What can be typed or chosen on the screens, by key.
    module Fields
      # A field that takes a length.
      def self.length(key, label, hint = nil) = Field.new(key:, label:, kind: :length, hint:)

      # A field that takes yes, no or nothing.
      def self.yes_no(key, label, hint = nil) = Field.new(key:, label:, kind: :yes_no, hint:, options: Field::YES_NO)

      # The readings on the drawing's tape lines, in the order of taking them.
      TAPES = [
        length("survey.widths.top", "width, head", "Jamb to jamb, just under the head."),
        length("survey.widths.middle", "width, middle", "Jamb to jamb, half-way up."),
        length("survey.widths.bottom", "width, floor", "Jamb to jamb, at the floor."),
        length("survey.heights.left", "height, left", "Today's floor to the head, at the left jamb."),
        length("survey.heights.middle", "height, middle", "Today's floor to the head, half-way across."),
        length("survey.heights.right", "height, right", "Today's floor to the head, at the right jamb."),
        length("survey.diagonals.rising", "rising", "Bottom left to top right."),
        length("survey.diagonals.falling", "falling", "Top left to bottom right."),
        length("survey.leans.left", "lean, left", "Plumb line: the top's offset from the foot, + to the right."),
        length("survey.leans.right", "lean, right", "Plumb line: the top's offset from the foot, + to the right.")
      ].freeze

      # Facts around the opening, asked whatever set is in mind: at the head and the
      # left of the opening in its wall, at its right and from above, on the floor, and under what covers it.
      AT_LEFT = [
        length("survey.above", "free wall above", "From the head to a ceiling or a duct."),
        Field.new(key: "survey.head.of", label: "head made of", kind: :choice,
          options: {"timber" => "timber", "board" => "boards on joists", "concrete" => "concrete", "steel" => "steel"}),
        length("survey.head.board", "head's board, thick", "Plaster or board between the track and what holds."),
        Field.new(key: "survey.head.joists", label: "joists at", kind: :lengths,
          hint: "Their centres from the left jamb's foot, one after the other: 60; 460; 860."),
        length("survey.beside.left", "free wall, left", "Beside the opening, to a corner, a switch or a radiator."),
        length("survey.wall.projection", "stands off",
          "How far skirting, casing or beading stand off the wall; 0 if none."),
        Field.new(key: "survey.wall.studs", label: "studs at", kind: :lengths,
          hint: "Their centres from the left jamb's foot, one after the other: 120; 520; 920."),
        yes_no("survey.wall.solid", "solid wall", "Masonry or concrete: a screw holds anywhere.")
      ].freeze
      AT_RIGHT = [
        length("survey.beside.right", "free wall, right", "Beside the opening, to a corner, a switch or a radiator."),
        Field.new(key: "survey.wall.services", label: "in the wall", kind: :texts,
          hint: "Cables, pipes, drains: one after the other; none if there are none."),
        yes_no("survey.wall.bears_load", "bears load"),
        yes_no("survey.wall.header", "header planned"),
        length("survey.wall.thickness", "wall, thick"), length("survey.wall.board", "wall's board, thick"),
        length("survey.depth", "depth", "Front plane to the back of the jamb."),
        length("survey.front", "free in front", "Floor before the opening that panels may swing over.")
      ].freeze
      ON_FLOOR = [
        length("survey.covering.thickness", "covering", "Carpet, boards or tile on today's floor."),
        Field.new(key: "survey.covering.laid", label: "already laid", kind: :flag)
      ].freeze
      UNDER_IT = [
        Field.new(key: "survey.covering.under", label: "goes under a floor rail", kind: :flag),
        Field.new(key: "survey.floor_of", label: "floor of", kind: :choice,
          options: {"wood" => "wood", "screed" => "screed", "tile" => "tile", "concrete" => "concrete",
                    "heated" => "heated"})
      ].freeze
      FACTS = (AT_LEFT + AT_RIGHT + ON_FLOOR + UNDER_IT).freeze

      # Whether the opening is still to be built, from its doors.
      PLANNED = Field.new(key: "survey.planned", label: "still to be built", kind: :flag)

      # From the top of the track to today's floor, once it is up.
      CHECKS = %w[left middle right].map { |place|
        length("survey.check.#{place}", "track to floor, #{place}",
          "From the top of the track to today's floor.")
      }.freeze

      CHOICES = [
        length("set.thickness", "panel thickness"),
        length("set.lap", "lap"),
        length("set.gap", "floor gap"),
        length("set.inset", "roller inset"),
        length("set.bumper", "bumper each side"),
        length("set.proud", "stands proud", "Pull flange or bead, out of a panel's face."),
        length("set.width", "ready-made width"),
        length("set.height", "ready-made height", "As the panels come: they are not cut."),
        Field.new(key: "set.weighed", label: "weighed, kg", kind: :number, hint: "One panel on the scales: it wins."),
        length("set.packing.left", "packing, left"),
        length("set.packing.right", "packing, right"),
        length("set.packing.head", "head packed down"),
        length("set.base_strip", "base strip"),
        length("set.cover.side", "cover beside"),
        length("set.cover.head", "cover above"),
        length("set.side_gap", "side gap"),
        length("set.setback", "setback"),
        length("set.half_jamb.thickness", "half jamb"),
        length("set.half_jamb.depth", "half jamb, deep"),
        Field.new(key: "set.guide", label: "guides", kind: :choice,
          options: {"groove" => "a fin in a groove", "side" => "side guides", "tongue" => "a tongue in the floor"}),
        length("set.fin.width", "fin, wide"), length("set.fin.height", "fin, high"),
        length("set.fin.length", "fin, long"),
        length("set.tongue.width", "tongue, wide"), length("set.tongue.reach", "tongue reaches", "Into the floor."),
        length("set.rail_thickness", "bottom rail, thick"), length("set.stile_thickness", "stiles, thick"),
        yes_no("set.header_board", "header board"),
        length("set.header_board.height", "board, high"), length("set.header_board.thickness", "board, thick"),
        length("set.pelmet.height", "pelmet, high"), length("set.pelmet.thickness", "pelmet, thick"),
        yes_no("set.soft_close", "soft close"),
        length("set.soft_close.body", "damper, long"), length("set.soft_close.spacer", "spacer, long"),
        length("set.handle_height", "handles and pulls", "Above the finished floor."),
        Field.new(key: "set.handle", label: "handle", kind: :choice,
          options: {"hinge" => "on the hinge stile", "middle" => "in the middle"}),
        Field.new(key: "set.even", label: "out of square", kind: :choice,
          options: {"top" => "even top", "side" => "even side"}),
        Field.new(key: "set.order", label: "fit and finish", kind: :choice,
          options: {"fit" => "fit, then finish", "finish" => "finish, then fit"}),
        yes_no("set.finished", "came finished", "Nothing of them is painted, and they are hung once."),
        Field.new(key: "set.pulls", label: "pulls are", kind: :choice,
          options: {"bored" => "let in", "screwed" => "screwed on", "none" => "none"}),
        yes_no("set.hinged", "hinges are on"),
        Field.new(key: "set.slab.old.treat", label: "old slabs, treated", kind: :count,
          options: {"0" => "not at all", "1" => "once", "2" => "twice", "3" => "three times"}),
        Field.new(key: "set.height_cut", label: "heights are cut", kind: :choice,
          options: {"workshop" => "in the workshop", "site" => "on site"}),
        length("set.nib", "nib"),
        length("set.lining", "lining"),
        length("set.casing.width", "casing, wide"), length("set.casing.thickness", "casing, thick"),
        length("set.reveal", "reveal"),
        Field.new(key: "set.head.material", label: "head made of", kind: :choice,
          options: Prepare::Stiffness::MODULI.keys.to_h { |name| [name, name] }),
        length("set.head.breadth", "head, broad"),
        length("set.head.depth", "head, deep"),
        Field.new(key: "set.head.plies", label: "plies", kind: :count,
          options: (1..4).to_h { |plies| [plies.to_s, plies.to_s] }),
        length("set.frame.stile", "stiles, wide"),
        Field.new(key: "set.frame.rails", label: "rails, wide, from the top", kind: :lengths,
          hint: "Their widths, one after the other: 95; 120; 180."),
        length("set.frame.groove", "groove, deep"),
        length("set.frame.tenon", "made tenon"),
        Field.new(key: "set.frame.solid", label: "solid infill", kind: :flag),
        Field.new(key: "set.frame.wood", label: "frame of", kind: :choice,
          options: {"softwood" => "softwood", "hardwood" => "hardwood"}),
        Field.new(key: "set.service_side", label: "service side", kind: :choice,
          options: {"room" => "the room's", "closet" => "the closet's"}),
        Field.new(key: "set.opens", label: "opens to the", kind: :choice,
          options: {"left" => "left", "right" => "right"}),
        Field.new(key: "set.hand", label: "pivots at the", kind: :choice,
          options: {"left" => "left", "right" => "right"}),
        Field.new(key: "set.leaves", label: "leaves", kind: :count, options: {"1" => "one", "2" => "two"}),
        length("set.slab.width", "slab width"),
        length("set.slab.height", "slab height"),
        length("set.slab.foot", "solid foot"),
        length("set.slab.stile", "stile"),
        Field.new(key: "set.fit", label: "size to", kind: :choice,
          options: {"follow" => "follow the jambs", "plumb" => "hang plumb"}),
        Field.new(key: "set.kit", label: "kit", kind: :kit, options: Files::Shelf.kits.transform_values(&:name)),
        Field.new(key: "set.panels", label: "panels", kind: :count, options: {"2" => "one pair", "4" => "two pairs"}),
        Field.new(key: "set.pattern", label: "panels and lanes", kind: :lanes,
          options: {
            "1" => "one panel", "1,1" => "a pair that parts", "2,1" => "two, right in front",
            "1,2" => "two, left in front",
            "2,1,2" => "three, middle in front", "1,2,1" => "three, middle behind", "1,2,3" => "three on three lanes",
            "2,1,1,2" => "four that part", "1,2,1,2" => "four in turn"
          })
      ].freeze

      LAYERS = (0..1).map do |place|
        Field.new(key: "set.makeup.#{place}", label: place.zero? ? "made of" : "and a layer of", kind: :layer,
          options: Makeup::AREAL.keys.to_h { |material| [material, material] })
      end.freeze

      KNOWN = (TAPES + FACTS + [PLANNED] + CHECKS + CHOICES + LAYERS + ServiceFields::ALL)
        .to_h { |field| [field.key, field] }.freeze

      # Lists whose items are typed in pairs: what one is called, and its halves.
      LISTS = {"survey.floor" => ["station", %w[x rise]], "survey.bays" => ["bay", %w[from to]]}.freeze

      module_function

      # @param key [String]
      # @return [Field, nil] nil for a key that no screen has
      def [](key) = KNOWN[key] || listed(key) || hung(key) || ServiceFields.found(key)

      # A sentence with the keys in it by their fields' names.
      #
      # @param words [String]
      # @return [String]
      def named(words) = words.gsub(/\b(?:survey|set)(?:\.[a-z_]+)+/) { |key| self[key]&.label || key }

      # What a gap of a hung panel is called.
      def hung_label(gap) = HUNG.fetch("gaps.#{gap}").label

      # What is read of a hung panel or pair, by its place in the opening file.
      HUNG = {
        "jamb" => Field.new(label: "read at the jamb", kind: :choice, options: {"left" => "left", "right" => "right"}),
        "gaps.top" => length(nil, "top"), "gaps.middle" => length(nil, "middle"),
        "gaps.bottom" => length(nil, "bottom"),
        "gaps.pivot" => length(nil, "head, pivot stile", "From the pivot stile's top to the head."),
        "gaps.lead" => length(nil, "head, lead stile", "From the lead stile's top to the head."),
        "at.left" => length(nil, "left adjuster at", "Where its adjuster stands: + above mid, − below."),
        "at.right" => length(nil, "right adjuster at", "Where its adjuster stands: + above mid, − below."),
        "at.jack" => length(nil, "jack at", "Where it stands: + above mid, − below."),
        "at.top" => length(nil, "top pivot at",
          "Where its slide stands: + away from the jamb of where it was planned, − towards it."),
        "at.bottom" => length(nil, "bottom pivot at",
          "Where its slide stands: + away from the jamb of where it was planned, − towards it."),
        "floor.left" => length(nil, "floor gap, left", "Under the lower left corner."),
        "floor.right" => length(nil, "floor gap, right", "Under the lower right corner."),
        "tops.left" => length(nil, "left neighbour's top",
          "Above this panel's top, where they stand side by side; − below."),
        "tops.right" => length(nil, "right neighbour's top",
          "Above this panel's top, where they stand side by side; − below.")
      }.freeze
      MEET = {"top" => length(nil, "lead gap, top", "Between the leads of two pairs, or lead and strike."),
              "bottom" => length(nil, "lead gap, bottom", "Between the leads of two pairs, or lead and strike.")}.freeze

      # A field of a hung panel; nil for a key that is none.
      def hung(key)
        panel, place = key.to_s.match(/\Ahung\.([A-F]|meet)\.([a-z.]+)\z/)&.captures
        found = (panel == "meet") ? MEET[place] : HUNG[place]
        found && found.dup.tap { |field| field.key = key }
      end

      # The field of what an entry of the log tells: entries from before items of a
      # list had names told their place.
      def told(key) = self[key] || listed(key.sub(/\.(\d{1,9})\z/, '.i\1'))

      # The field of an item of a list, or of the one to come: a floor station or a
      # bay.
      def listed(key)
        list, number = key.to_s.match(/\A(survey\.(?:floor|bays))\.(?:i(\d{1,9})|new)\z/)&.captures
        name, halves = LISTS[list]
        name && Field.new(key:, label: [name, (Integer(number, 10) + 1 if number)].compact.join(" "), kind: :pair,
          halves:)
      end

      # The field of an item by where it stands in its list now.
      #
      # @param place [Integer]
      def placed(key, place)
        listed(key).tap { |field| field.label = "#{LISTS.fetch(key[/\A\w+\.\w+/]).first} #{place + 1}" }
      end
    end
  end
end
