# frozen_string_literal: true

require "date"
require "time"

module YellowTrack
  module Desk
    # An opening as it is handed over (handbook 10): settled gaps, what was fitted, what
    # is still open in plain words, names, the day to look back; and the look back.
    class HandingOver
      WEEKS = Visits::Agenda::LOOK_BACK # days until it is looked back
      FRESH = 14 # where heating has just gone on, or timber is fresh
      FAR = 3650
      LONGEST = 120 # characters of a name
      REASON = 500
      ANEW = "It is handed over already, with its names. Say why it is handed over anew: what was signed stays in " \
        "the log."
      PLACES = %w[top middle bottom].freeze
      # Checks that tell how to measure, choose and fit: once it hangs they are settled.
      FITTERS = /\A(survey|alter|height|head|guide|soft_close|makeup)\.|\.(studs|header|nogging|standoff|lap\.\w+|guide|
        fin|groove|inset|lift|service|fixing|nib|strike|lead|wide|hidden|top|setback)\z|
        \Aservice\.(unsure|proof|quarrel|danger|marks|hold|replace|again)\z/x

      # @return [Opening]
      attr_reader :opening

      # @param opening [Opening]
      def initialize(opening)
        @opening = opening
      end

      # The book that it is kept in.
      def book = opening.book

      # The last hand-over.
      #
      # @return [Store::Log::Entry, nil]
      def last = opening.record.latest("hand-over")["signed"]

      # Looks back since it, oldest first.
      #
      # @return [Array<Store::Log::Entry>]
      def looks = last ? opening.record.of("hand-over").select { |one| one.key == "look-back" && one.id > last.id } : []

      # Gaps as they were read, mm, by panel and place.
      #
      # @return [Hash{String => Hash{String => Rational}}]
      def gaps
        return left_gaps if opening.plan.nil? || (opening.others? && hung_gaps.empty?)

        hung_gaps
      end

      # Whether every gap is read, and even.
      def settled?
        return opening.service.left_read? && opening.service.left_even? if mending?

        !opening.plan.nil? && opening.turning.settled?
      end

      # Whether it is a mend that is handed over.
      def mending? = opening.service.on? && !opening.service.closed?

      # Whether it was handed over already, and is not mended since: that is only done anew for a reason.
      def anew? = !last.nil? && !mending?

      # Whether there is anything to hand over.
      def ready? = gaps.any?

      # What a customer has to mind: what is so, and the reason it was left so. What a fitter could
      # still do about it is not said to a customer, nor what he did about it already.
      #
      # @return [Array<Array(Check, String)>]
      def open_points
        opening.all_checks.reject { |check| check.level == :note || FITTERS.match?(check.code) }
          .map { |check| [check, opening.overrides[check.code]] }
      end

      # The day that its sheet bears: that of the hand-over, today while there was none.
      #
      # @return [Date]
      def day = last ? Time.iso8601(last.at).localtime.to_date : Date.today

      # What was fitted: lines.
      #
      # @return [Array<String>]
      def fitted
        lines = mended
        return lines if opening.plan.nil? || opening.others?

        [*lines, *kit_lines, parts_line]
      end

      # What stands over those lines: of a door that is only mended nothing was fitted.
      def head = (opening.plan.nil? || opening.others?) ? "Mended" : "Fitted"

      # How it is cared for.
      def care = Files::Care.of(opening.kit.manner.key, glass: !opening.plan.nil? && opening.plan.set.makeup.fragile?)

      # Cautions that a customer is told.
      def cautions = [Files::Cautions.says("children"), Files::Cautions.says("exits"),
        *(Files::Cautions.says("fingers") if opening.kit.manner.folds?), Files::Cautions.always]

      # Pictures of the log: the first, and the last where there are two.
      #
      # @return [Array<Store::Log::Entry>]
      def pictures
        all = book.log.of(opening.id, kind: "picture").select(&:whole?)
        [all.first, (all.last if all.length > 1)].compact
      end

      # Gaps in its own unit, whatever is shown: what the customer gets.
      def printer = Length::Printer.fine(opening.opening.units)

      # What the hand-over's sizes are written with.
      def size_printer = opening.opening.cut_printer

      # Hands it over.
      #
      # @param told [Typed]
      # @return [Opening]
      # @raise [Faults]
      def hand_over!(told, who:)
        faults = told.faults + refusals(told)
        raise Faults.new(faults) if faults.any?

        mended = mending?
        entry = {kind: "hand-over", key: "signed", before: nil, after: record(told, mended)}
        book.transaction do
          opening.service.close!(who:) if mended
          handed = KeptOpening.new(book, book.openings.find(opening.id)).note(entry, who:,
            columns: {stage: "hand-over"})
          due([{day: told.look_back, opening_id: opening.id,
                says: {"letter" => opening.letter, "name" => opening.name}}])
          handed
        end
      end

      # Writes down what was read when it was looked back, and of a mend whether it held.
      #
      # @param read [Hash{String => Hash{String => Rational}}] mm
      # @param mend [String] MendHeld::HELD, or the cause that it was; empty where nobody says
      # @raise [Fault] where nothing was read
      def look_back!(read, who:, mend: "")
        raise Fault.new("It was not handed over yet: there is nothing to look back at.", key: "look") unless last

        proved = MendHeld.new(opening, last).proved(mend)
        raise Fault.new("No gap was read. Read one at least, beside its hand-over.", key: "look") unless
          read.any? || proved

        book.transaction do
          opening.note({kind: "service", key: "held", before: nil, after: proved}, who:) if proved
          opening.note({kind: "hand-over", key: "look-back", before: nil, after: {"gaps" => plain(read)}}, who:)
          due([])
        end
      end

      # What changed since the hand-over.
      #
      # @param read [Hash] gaps of a look back, as the log has them
      # @return [Compared]
      def compared(read) = Compared.new(last.after["gaps"], read)

      private

      def due(rows) = book.dues.replace("look-back", rows, job_id: opening.row.job_id, opening_id: opening.id)

      def refusals(told)
        return [Fault.new(ANEW, key: "anew")] if anew? && told.anew.empty?
        return barred if mending? && !opening.service.may_hang?
        return [] if settled? || !told.reason.empty?

        [Fault.new("Gaps are not #{ready? ? "settled. Settle" : "read. Read"} them, or say why it is handed over so.",
          key: "reason")]
      end

      # What stands behind the mend, open or found, and would bring it down again.
      def barred
        opening.service.barring.map do |row|
          Fault.new("It would fall again: #{row.cause.label.downcase}. #{row.finding.ask} Look, mend that too, or " \
            "override it with a reason.", key: "reason")
        end
      end

      def record(told, mended)
        {"gaps" => plain(gaps), "fitted" => fitted, "look_back" => told.look_back, "names" => told.names,
         "signatures" => told.signatures, "reason" => told.reason, "anew" => told.anew, "mended" => mended,
         **(mended ? {"mends" => MendHeld.of(opening.service)} : {}),
         "open" => open_points.map { |check, reason| [check.level.to_s, check.says, reason] }}
      end

      def plain(gaps) = gaps.transform_values { |list| list.transform_values { |mm| Numbers.plain(mm) } }

      def hung_gaps
        opening.turning.needed.filter_map { |one|
          read = one.read["gaps"]
          [one.name, read.compact] if read&.any?
        }.to_h
      end

      def left_gaps
        left = PLACES.filter_map { |place| (mm = opening.service["left.#{place}"]) && [place, mm] }.to_h
        left.empty? ? {} : {"door" => left}
      end

      def mended
        return [] unless opening.service.on?

        service = opening.service
        before = [*service["mended"]].filter_map { |key| service.knowledge.causes[key] }
        (before | service.mending).map { |cause| mended_line(cause) }
      end

      # What was done and what was fitted, as it was ticked: what is only proposed was not done.
      def mended_line(cause)
        done = opening.service.done_for(cause).map { |says| says.delete_suffix(".") }
        fitted = cause.parts if cause.parts.any? && opening.service.mended?(cause)
        ["Mended: #{cause.label}.", ("Done: #{done.join("; ")}." if done.any?),
          ("Fitted: #{fitted.join(", ")}." if fitted)].compact.join(" ")
      end

      def kit_lines
        set = opening.plan.set
        weight = set.weight ? "#{Makeup.kilos(set.weight)} each" : "not weighed"
        ["#{opening.kit.name}: #{set.panels.length} × #{size_printer.with_unit(set.width)} × " \
          "#{size_printer.with_unit(set.height)}, #{set.makeup.words}, #{weight}."]
      end

      def parts_line
        parts = YellowTrack::TakeAlong.parts(opening.plan).except("panels")
        "#{parts.map { |name, count| Count.told(count, name) }.join(", ")}."
      end
    end
  end
end
