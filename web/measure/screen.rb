# frozen_string_literal: true

module YellowTrack
  module Web
    module Measure
      # Measure: the readings on the tape lines, and what they come to.
      class Screen < OpeningScreen
        LISTS = [["survey.floor", "Floor stations"], ["survey.bays", "Bays"]].freeze

        # Checks that stand beside a figure of their own.
        PLACED = %w[survey.taper survey.bow survey.sag survey.fall survey.level survey.covering].freeze

        # Facts that need not be read where another is.
        BESIDE_FACTS = %w[survey.covering.laid survey.covering.under survey.wall.board survey.head.board
          survey.head.joists survey.wall.header survey.floor_of].freeze

        # Of these one is enough.
        WALL = %w[survey.wall.studs survey.wall.solid].freeze

        # A list that is typed under the drawn floor: its heading, its items as they
        # stand, the rows they take, and the one to come.
        List = Struct.new(:heading, :items, :rows, :following, keyword_init: true)

        # A number beside the drawing: name, figure, what stands after it, keys of
        # its workings, codes of the checks that concern it.
        Row = Struct.new(:name, :figure, :after, :keys, :codes, :line, keyword_init: true)

        # At the first reading.
        def lands = tapes.first.id

        # Pieces that are drawn anew after a save, by their templates.
        def renewed
          ["measure/shape", "measure/profile", "measure/tally", "measure/around", "measure/planned",
            ("measure/lists" if list_changed?), *(%w[measure/decides measure/again] if result.turned)].compact
        end

        # Facts that are not read and decide most ways, three at the most.
        #
        # @return [Array<Desk::Deciding::Fact>]
        def deciding = @deciding ||= Desk::Deciding.new(opening).facts

        # What one is, as a list has it.
        def asked_for(fact) = Desk::Facts.named(fact.key).sub(/\A./, &:upcase)

        # Where it is typed.
        def read_at(fact) = Paths.opening(id, Desk::Facts.stage(fact.key), anchor: Desk::Facts.anchor(fact.key))

        # Ways that it decides, by their manner, in words: "pocket, one leaf; wall-hung pair".
        def decides(fact) = fact.manners.map { |manner| Choose::Row::NAMES.fetch(manner).downcase }.join("; ")

        # Whether there is more to draw of floor and head than the rows say.
        def profile? = !plan.nil? && (survey.floor.read? || (survey["bays"] || []).any?)

        # The opening in its wall, from the room and from above.
        def around = @around ||= Drawing::Surroundings.new(survey, opening.printer)

        # Facts that stand on the drawing, each at its place.
        #
        # @return [Array<FieldRow>]
        def chips = Drawing::InItsWall::FACTS.keys.map { |key| field(Desk::Fields["survey.#{key}"]) }

        # The rest of them, by where they stand beside the drawing of the wall, and under it.
        #
        # @return [Hash{Symbol => Array<FieldRow>}]
        def facts
          depth = [Desk::Fields["survey.depth"]]
          {left: Desk::Fields::AT_LEFT, right: Desk::Fields::AT_RIGHT - depth + Desk::Fields::UNDER_IT,
           floor: depth + Desk::Fields::ON_FLOOR}
            .transform_values { |list| list.reject { |one| chip?(one.key) }.map { |one| field(one) } }
        end

        # How many facts about wall and floor are read, and how many there are.
        def more_read
          facts.values_at(:left, :right).flatten.then { |rows| [rows.count { |row| row.saved }, rows.length] }
        end

        # Whether a field is of a fact that nobody read: told apart from one that is as usual.
        def unread?(key)
          return false if !fact?(key) || BESIDE_FACTS.include?(key) || !opening.document[key].nil?

          !WALL.include?(key) || WALL.none? { |one| opening.document[one] }
        end

        # What stands in an empty field, by its key; nil for nothing.
        def placeholder_of(key)
          return super unless unread?(key)

          chip?(key) ? "?" : "not read yet"
        end

        # The opening that was asked to be built for its doors; nil without.
        #
        # @return [Planned, nil]
        def planned = @planned ||= Planned.of(self)

        # What the other openings of the house say of its jambs; nil for nothing.
        def house_lean
          lesson = Desk::Record.of_house(opening).lean or return
          "In this house jambs lean to the #{lesson.value.positive? ? "right" : "left"}, by about " \
            "#{opening.fine_printer.with_unit(lesson.value.abs.round)}: #{lesson.times} of #{lesson.of}."
        end

        # The opening in its wall, with its readings and what is read around it.
        def shape = @shape ||= Drawing::InItsWall.new(survey, opening.closure, opening.printer)

        # Floor and head along it.
        def profile = @profile ||= Drawing::Profile.new(plan, opening.printer)

        # @return [Array<FieldRow>] on the tape lines, and beside them
        def tapes = Desk::Fields::TAPES.map { |tape| field(tape) }

        # Fields whose message may have changed with the one that was typed.
        def said_anew = Desk::Fields::TAPES.reject { |tape| tape.key == written&.key }.map { |tape| field(tape) }

        # Where a field stands on the drawing, per cent; nil for one that stands beside it.
        def place_of(key) = shape.places[key.delete_prefix("survey.")]

        # Whether the closure blames a reading, by its field's key.
        def suspect?(key) = (opening.closure&.suspects || []).include?(key.delete_prefix("survey."))

        # @return [Array<List>]
        def lists = LISTS.map { |key, heading| list(key, heading) }

        # How far a station's rise can be moved by hand, in the unit that it is shown in; step, the grain there.
        Rise = Struct.new(:value, :from, :to, :step, keyword_init: true)
        REACH = 20 # mm, up and down

        # Stations whose rise is moved on the drawing; none of a list that has no rises.
        #
        # @return [Array<Array(FieldRow, Rise)>]
        def rises(list)
          return [] unless list.following.key.start_with?("survey.floor")

          reach = in_unit(REACH)
          list.items.zip(survey["floor"] || []).filter_map do |row, (_, rise)|
            value = rise && in_unit(rise) or next
            [row, Rise.new(value:, from: value - reach, to: value + reach, step: in_unit(opening.opening.grain))]
          end
        end

        # The letter of the opening that this one's choices were copied from.
        def copied = params["copied"].to_s[/\A[A-Z]{1,3}\z/]

        # Notes, as their field stands.
        def notes = (fault&.key == "notes") ? typed_at("notes") : opening.row.notes

        # How many readings are still missing.
        def missing_count = survey.missing.length

        # How many there are.
        def needed_count = Survey::NEEDED.length

        # Checks of the readings that concern no figure of their own.
        def loose_checks = survey_checks.reject { |check| PLACED.include?(check.code) || check.level == :note }

        # What nothing would show a slip in.
        def unchecked = survey_checks.select { |check| check.code == "survey.unchecked" }

        # @return [Array<Row>]
        def rows = (plan && !survey.planned?) ? [tightest, level, jambs, head, square, floor, covering].compact : []

        # The readings.
        def survey = opening.survey

        private

        def in_unit(mm) = Length.in_unit(mm.to_r, opening.printer.unit).to_f.round(4)

        # Whether a fact stands on the drawing.
        def chip?(key) = Drawing::InItsWall::FACTS.key?(key.delete_prefix("survey."))

        def fact?(key) = Desk::Fields::FACTS.any? { |one| one.key == key }

        def figures = plan.figures

        def survey_checks = opening.all_checks.select { |check| check.code.start_with?("survey.") }

        def list(key, heading)
          along = Along.new(survey, key)
          items = opening.document.item_keys(key).zip(along.places).each_with_index.map do |(item, at), place|
            field(Desk::Fields.placed(item, place), at:)
          end
          List.new(heading:, items:, rows: along.rows, following: field("#{key}.#{Store::Document::NEW}"))
        end

        # A floor station or a bay came, went or changed: the rows are drawn anew.
        def list_changed? = written&.kind == :pair && result.outcome != :unread

        def row(name, figure, after, keys:, codes: [])
          Row.new(name:, figure: [figure], after:, keys:, codes:, line: signed(keys))
        end

        # A sum that comes out under nothing says so: its row shows how much, and which way in words.
        def signed(keys)
          entry = workings(keys.first(1)).first
          ["#{entry.short(sum_printer)} = #{sum_printer.term(entry.value)}"] if entry&.formula && entry.value.negative?
        end

        def tightest
          row("Tightest", derived(figures.tightest_width), "wide",
            keys: %w[survey.tightest_width survey.width_spread survey.plumb_width survey.greatest_width],
            codes: %w[survey.taper])
        end

        def level
          row("Level height", derived(figures.level_height), "",
            keys: %w[survey.level_height survey.height_spread survey.greatest_head survey.covering],
            codes: %w[survey.level])
        end

        def jambs = row("Jambs", derived(figures.bow.abs), bow_words, keys: %w[survey.bow], codes: %w[survey.bow])

        def head = row("Head", derived(figures.sag.abs), sag_words, keys: %w[survey.sag], codes: %w[survey.sag])

        def square
          out = opening.closure.out_of_square or return
          row("Out of square", derived(out.abs), out.negative? ? "top to the left" : "top to the right",
            keys: %w[survey.out_of_square])
        end

        # What was not read is not a number.
        def floor
          return row("Floor", "not read", "", keys: []) unless survey.floor.read?

          row("Floor", derived(figures.floor_fall), "fall", keys: %w[survey.floor_fall survey.floor_high],
            codes: %w[survey.fall])
        end

        def covering
          figures.covering.positive? ? row("Covering", derived(figures.covering), "still to come",
            keys: %w[survey.covering],
            codes: %w[survey.covering]) : nil
        end

        def bow_words
          return "bow" if figures.bow.zero?

          figures.bow.positive? ? "bow into the opening" : "bow outward"
        end

        def sag_words
          return "sag" if figures.sag.zero?

          figures.sag.positive? ? "sag in the middle" : "higher in the middle"
        end
      end
    end
  end
end
