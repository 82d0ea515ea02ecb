# frozen_string_literal: true

module YellowTrack
  module Web
    # A page of one opening: the rail, the next step, the fields that are typed on
    # it with what is to be said of each.
    class OpeningScreen < Screen
      UNDONE = %w[reading choice].freeze # kinds of what a press puts back
      BY_PAPERS = %w[size prepare cut hang].freeze # stages whose work is done by papers

      # @return [Desk::KeptOpening]
      attr_reader :opening
      # @return [Desk::Writing::Result, nil] what came of a value that was typed
      attr_reader :result
      # @return [Desk::Field, nil] the field of that value
      attr_reader :written

      # @param opening [Desk::KeptOpening]
      # @param result [Desk::Writing::Result, nil]
      # @param written [Desk::Field, nil]
      # @param rest see Screen
      def initialize(opening, result: nil, written: nil, **rest)
        super(opening.book, **rest)
        @opening, @result, @written = opening, result, written
      end

      # @return [Store::Jobs::Job] that it hangs in
      def job = @job ||= book.jobs.find(opening.row.job_id)

      # The folder of its class names its stage.
      def stage = STAGES[self.class]

      STAGES = Hash.new { |named, screen| named[screen] = screen.name.split("::")[-2].downcase.freeze }
      private_constant :STAGES

      # The template that it is drawn with.
      def template = "#{Screen.underscored(self.class.name.split("::")[-2])}/page"

      # What stands in the window's own line.
      def title = "#{opening.letter} #{opening.name}, #{job.name}"

      # Pieces of the page that a typed value renews, by template.
      #
      # @return [Array<String>]
      def renewed = []

      # Whether a value that was typed changes what the page is made of, so that it
      # is loaded anew.
      def another_page? = result&.outcome == :saved && %i[kit lanes count].include?(written.kind)

      # Whether what was typed is a fact that ways of hanging wait for: what decides is another then.
      def decides_anew? = Desk::Facts::TABLE.keys.any? { |key| written&.key.to_s.start_with?(key) }

      # The last change of the opening, where it is of a value that can be put back.
      #
      # @return [Store::Log::Entry, nil]
      def last_change
        @last_change ||= book.log.latest(opening.row).then do |entry|
          entry if UNDONE.include?(entry&.kind) && Desk::Fields[entry.key]
        end
      end

      # What undoing it puts back, in words.
      def undo_says
        field = Desk::Fields.told(last_change.key)
        "#{field.label}: back to #{Saying.value(field, last_change.before)}"
      end

      # The stage that it is undone on: this one, where it has the field.
      def undo_stage = Desk::Stage[stage]&.writes?(last_change.key) ? stage : Desk::Stage.home(last_change.key).key

      # What a check says, in short: its first sentence, and the rest that stands behind a press with what to do. What
      # stops the work is told whole.
      #
      # @return [Array(String, String), Array(String)]
      def in_short(check)
        return [check.says] if check.stop?

        first, rest = check.sentences
        [first, rest.to_s]
      end

      # Its plan; nil while readings are missing or leave no room.
      def plan = opening.plan

      # Why there is no plan, though nothing is missing: the field that each fault belongs to, nil
      # for none, and its words with fields by their names.
      #
      # @return [Array<Array(Desk::Field, String)>]
      def refusals
        (opening.refusal&.list || [])
          .map { |fault| [fault.key && Desk::Fields[fault.key], Desk::Fields.named(fault.words)] }
      end

      # The set of its plan.
      def set = plan.set

      # The opening's number.
      def id = opening.id

      # Its version: what is written on another one quarrels.
      def version = opening.version

      # The rail that its stage hangs on.
      #
      # @return [Array<Desk::Stage>]
      def stages = Desk::Stage.on_rail(served?)

      # Where the other rail begins, of an opening that has both.
      #
      # @return [Desk::Stage, nil]
      def other_rail
        return unless opening.service.on?

        Desk::Stage[served? ? "measure" : opening.service.reached]
      end

      # Whether the page belongs to a door that hangs badly.
      def served?
        rail = Desk::Stage[stage]&.rail
        rail ? rail != :own : opening.service.on?
      end

      # @return [nil, :done, :stop, :watch]
      def mark_of(stage) = opening.mark(stage)

      # The next thing to do, in one sentence. Before anything more is cut or hung by papers that are out of date, they
      # are made again.
      def next_step = framed_again || papers_again || opening.next_step(stage)

      # What stands on its papers and was changed since, in words; nil where they are as it is.
      def old_papers
        book.papers.changed_of([opening.row])[id]&.then { |changed| OldPapers.says(changed) }
      end

      # What stands on the sheet of whoever frames it and was changed since it was given, in words; nil where nothing
      # was, or it is framed and read by now.
      def old_frame
        return unless opening.survey.planned?

        book.framers_sheets.changed_of([opening.row])[id]&.then { |changed| OldPapers.says(changed) }
      end

      # Where what is typed on it goes.
      def values_path = @values_path ||= Paths.opening(id, "values")

      # Text of a number as it is shown: what is cut, and what is derived.
      def cut(mm) = opening.cut_printer.text(mm)

      # A length that follows from readings, without its unit.
      def derived(mm) = opening.printer.text(mm)

      # For a sentence, and with its unit.
      def short(mm) = opening.printer.short(mm)

      # The same with its unit.
      def long(mm) = opening.printer.with_unit(mm)

      # Writes the lengths of sums.
      def sum_printer = opening.printer

      # @return [Array<Working::Entry>] workings by their keys
      def workings(keys) = plan ? keys.filter_map { |key| plan.working[key] } : []

      # The sum of a working, short; empty for a row that has none.
      def short_sum(key)
        entry = workings([*key]).first or return ""

        printer = opening.printer
        SHORT.fetch([entry, printer.unit, printer.least]) { entry.short(printer).freeze }
      end

      SHORT = Latest.new(1000)
      private_constant :SHORT

      # Stops that somebody overrode, with why.
      def overrides = opening.overrides

      # What a cure changes, as its press says it: "lap 28 mm".
      #
      # @param cure [Cures::Cure]
      def cure_words(cure) = cure.changes.map { |key, mm| "#{Desk::Fields["set.#{key}"].label} #{long(mm)}" }.join(", ")

      # Where a value of a working can be seen or changed.
      def origin_path(entry) = Paths.origin(id, entry, opening.kit)

      # Whether the page shows what is saved, and nothing else.
      def settled? = result.nil? && fault.nil? && drafts.empty?

      # What a settled page depends on beside the document.
      #
      # @return [Array]
      def stands_on = [stage, id, version, opening.shown, overrides]

      # @return [Hash{String => Store::Drafts::Draft}] of who looks
      def drafts = @drafts ||= (opening.row.drafted == 0) ? {} : book.drafts.of(id, visitor.owner)

      # A field as it is shown.
      #
      # @param key [String, Desk::Field]
      # @param at [Array(Integer, Integer), nil] per cent of the drawing it lies on
      # @param placeholder [String, nil] what stands in it while it is empty
      # @return [FieldRow]
      def field(key, at: nil, placeholder: nil)
        FieldRow.new(self, key.is_a?(Desk::Field) ? key : Desk::Fields[key],
          at: at || place_of(key.is_a?(Desk::Field) ? key.key : key), placeholder:)
      end

      # Where a field stands on the page's drawing; nil for one that stands beside
      # it.
      def place_of(_key) = nil

      # What stands in a field while it is empty.
      def placeholder_of(_key) = nil

      # What a field offers: value to words.
      def options_of(field) = field.options

      # Whether the page listens for a tape that types.
      def tape? = opening.rules["tape"] == "listen"

      # Whether a field stands for a fact that is not read yet.
      def unread?(_key) = false

      # Whether the sums blame a reading, on the screen where it was taken.
      def suspect?(_key) = false

      # Readings still to take, in words.
      def missing = opening.survey.missing.map { |key| Survey::Words.name(key) }.join(", ")

      # Fields whose message may have changed with the one that was typed.
      def said_anew = []

      # The field that was typed in, as it is to be shown after it was written.
      def written_field = field(written)

      # Whether that field is shown anew as a whole: what stands in it is no longer
      # what was typed.
      def written_anew? = params.key?("forget") || params.key?("overrule") || params.key?("back")

      # Whether what is said of that field is renewed by itself, and not with a piece that holds it.
      def says_apart? = true

      # Fields of this page that others changed meanwhile.
      #
      # @return [Array<FieldRow>]
      def meanwhile_fields
        keys = result.meanwhile.map(&:key).uniq - [written.key]
        keys.filter_map { |key| Desk::Fields[key] }.reject { |one| one.kind == :pair }
          .select { |one| Desk::Stage[stage].writes?(one.key) }.map do |one|
          field(one)
        end
      end

      # The changes of others, in words.
      #
      # @return [Array<String>]
      def other_changes
        return [] unless result

        result.meanwhile.reject { |entry| entry.key == written.key }.map { |entry| Saying.change(entry) }
      end

      private

      def framed_again
        changed = old_frame or return
        Desk::NextStep.new(sentence: "Give the framer's sheet again: #{changed} since.", stage: "to-build")
      end

      def papers_again
        return if !BY_PAPERS.include?(stage) || opening.handed_over? || opening.next_step(stage).stage == "measure"

        changed = old_papers or return
        Desk::NextStep.new(sentence: "Make the papers again: #{changed} since.", stage: "cut")
      end
    end
  end
end
