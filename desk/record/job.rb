# frozen_string_literal: true

module YellowTrack
  module Desk
    # A job as it lies on the desk: its openings, what is to be cut and bought for
    # it. What it asks the store for does not grow with its openings.
    class Job
      # What a new opening is set to until its fitter chooses.
      USUAL_SET = {"family" => "bypass", "kit" => "twin-42", "pattern" => [2, 1], "thickness" => "35 mm"}.freeze

      # Whether a set is that one still, whatever the house's rules add to it.
      #
      # @param set [Hash] of an opening file
      def self.usual?(set) = set.nil? || USUAL_SET.all? { |key, value| set[key] == value }

      SLICE = 40 # openings that are asked for at once

      # @return [Store::Book]
      attr_reader :book
      # @return [Store::Jobs::Job]
      attr_reader :row

      # @param book [Store::Book]
      # @param row [Store::Jobs::Job]
      # @param other [Boolean] show numbers in the other unit than the job's
      def initialize(book, row, other: false)
        @book, @row, @other = book, row, other
      end

      # The job's number.
      def id = row.id

      # The job's name.
      def name = row.name

      # @return [Symbol] :mm or :in, that it is measured in
      def units = row.units.to_sym

      # @return [Symbol] :mm or :in, that its numbers are shown in
      def shown = @other ? (Length::UNITS - [units]).first : units

      # Whether it is shown in the other unit than it was measured in.
      def translated? = shown != units

      # @return [Hash{String => String}] rules of the house
      def rules = @rules ||= book.house_rules.all

      # Every opening worked out, with what was cut of it.
      #
      # @return [Array<Opening>]
      def openings = @openings ||= made(book.openings.of(id))

      # Its openings one by one, each worked out as it is asked for.
      #
      # @yieldparam row [Store::Openings::Row] of one that is to come
      # @yieldreturn [Boolean] whether it is passed over
      # @return [Enumerator::Lazy<Opening>]
      def one_by_one(&passed)
        return openings.lazy.reject { |one| passed.call(one.row) } if @openings

        (0...count).step(SLICE).lazy.map { |after| book.openings.of(id, most: SLICE, after:) }
          .flat_map { |rows| made(rows.reject(&passed)) }
      end

      # @return [Integer] how many openings hang in it
      def count = @count ||= @openings&.length || book.openings.counts([id])[id] || 0

      # The steps of every opening in time, by its letter.
      #
      # @return [Hash{String => Agenda}]
      def agendas = @agendas ||= openings.to_h { |one| [one.letter, Agenda.new(one, figures)] }

      # Minutes and waits of steps that the house has set.
      def figures = Files::StepTimes.figures(rules)

      # @return [Array<Hash>] steps of every opening, of a work file
      def steps = @steps ||= agendas.values.flat_map(&:steps)

      # @return [Array<Opening>] those with a plan, that are hung by us
      def planned = openings.select { |one| one.plan && !one.others? }

      # @return [Array<Mending::Work>] of doors that are being mended
      def mends = openings.filter_map { |one| one.service.work }

      # @return [CutList] of all of them
      def cut_list = @cut_list ||= CutList.new(book, planned)

      # @return [Price] what it costs
      def price = @price ||= bill.price.at(bill.bars.merge(prices))

      # Prices of the house as they stand, asked once.
      #
      # @return [Hash{String => Rational}]
      def prices = @prices ||= book.prices.all

      # @return [Bill] what it is made of
      def bill = @bill ||= Bill.of(self)

      # @return [JobVisits] its visits as they are planned
      def visiting = @visiting ||= JobVisits.new(self)

      # Writes what is cut of it, where openings of several grains stand together:
      # to the finest.
      def cut_printer
        translated? ? Length::Printer.other(shown) :
          Length::Printer.cut(units, openings.map { |one| one.opening.grain }.min)
      end

      # Writes what was cut.
      def fine_printer = Length::Printer.fine(shown)

      # Hangs a new opening in it.
      #
      # @param name [String]
      # @return [Store::Openings::Row]
      # @raise [Fault] for a name that will not do
      def hang(name, who:)
        set = USUAL_SET.merge(Files::HouseRules.for_set(rules, USUAL_SET["family"]))
        add(Store::Document.blank(name: Store::Jobs.named(name), units: row.units,
          grain: Files::HouseRules.grain(rules, row.units), set:), who:)
      end

      # Hangs an opening that is still to be built, from its doors (handbook 15, "Doors
      # first").
      #
      # @param typed [Hash{String => String}] "name", "kit", "panels", "width",
      #   "height", "thickness", "covering", as typed
      # @param unit [Symbol] in which bare lengths were meant
      # @return [Store::Openings::Row]
      # @raise [Fault] for what makes no opening
      def hang_doors(typed, unit:, who:) = add(Doors.new(self, typed, unit).document, who:)

      # Takes in a door that others hung and that hangs badly: its kit is not known, its
      # size neither.
      #
      # @param family [String] what carries it
      # @raise [Fault] for a name or a family that will not do
      def serve(name, family, who:)
        unless Files::Knowledge.all.families.include?(family)
          raise Fault.new("Say how it hangs: #{Files::Knowledge.all.families.join(", ")}.", key: "family")
        end

        kit = Files::Shelf.unknown_kit(family)
        add(Store::Document.blank(name: Store::Jobs.named(name), units: row.units,
          grain: Files::HouseRules.grain(book.house_rules.all, row.units),
          set: {"family" => kit["family"], "kit" => kit}).with("survey.planned", true)
          .with("service.symptoms", []), who:)
      end

      # Reads an opening file into it.
      #
      # @param document [Hash] as parsed
      # @param name [String] for one that has none
      # @raise [Faults] all of its faults
      # @param fitter [Boolean] whether a fitter reads it in, who may bring what hangs
      def read_in(document, name:, who:, fitter: true)
        FittersOwn.refuse(FittersOwn.in_document(document)) unless fitter
        opening = Files::Shelf.opening(document)
        add(Store::Document.new(document)
          .with("name", Store::Jobs.named(opening.name.strip.empty? ? name : opening.name)), who:)
      end

      # Hangs a copy: choices come along, and the grain; readings do not, for no
      # two closets are alike.
      #
      # @param other [Store::Openings::Row]
      def copy(other, who:)
        units, grain, set = other.document.to_h.values_at("units", "grain", "set")
        add(Store::Document.blank(name: "#{other.name[0, Store::Jobs::LONGEST_NAME - 20]}, neighbour",
          units: units || row.units, grain:, set:), who:)
      end

      private

      # Rows worked out, with what was cut of each and what the log tells.
      def made(rows)
        cuts, told = book.saw.cuts(rows.map(&:id)), book.log.told(rows.map(&:id))
        rows.map { |row| KeptOpening.new(book, row, other: @other, cuts: cuts[row.id], record: told[row.id], rules:) }
      end

      def add(document, who:) = book.openings.add(job_id: id, document:, who:, &Listing.of(book))
    end
  end
end
