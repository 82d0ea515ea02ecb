# frozen_string_literal: true

module YellowTrack
  module Desk
    # Answers to a question of practice, read from what was typed: each by its part's kind.
    class Answering
      STEPS = "steps" # what was done before, among what is typed

      # @param question [Practice::Question]
      # @param typed [Hash{String => String}] by part; steps, words with a blank between
      def initialize(question, typed)
        @question, @typed = question, typed
      end

      # Answers beside the right ones.
      #
      # @return [Array<Practice::Mark>]
      # @raise [Faults] each by the part that cannot be read
      def marks
        faults = []
        marks = @question.parts.map do |part|
          Practice::Mark.of(part, read(part, @typed[part.key].to_s), @question)
        rescue Fault => e
          faults << Fault.new(e.words, key: part.key)
        end
        raise Faults.new(faults) if faults.any?

        marks
      end

      # Moves on the bench. @return [Array<Array(Integer, Integer)>]
      def self.moves(steps) = steps.map { |step| step.split(",").map { |text| Integer(text, 10) } }

      private

      def steps = @typed[STEPS].to_s.split

      def read(part, text)
        case part.kind
        when :length, :place
          Length.parse(text, unit: @question.unit, signed: true).mm
        when :choice then option(part, text)
        when :count then count(text)
        when :layers then layers(text)
        when :bars then bars(part, text)
        when :turns then Answering.moves(steps)
        when :cause then Practice::CauseMark::Said.new(steps, option(part, text))
        end
      end

      def option(part, text)
        return text if part.options.key?(text)

        raise Fault.new("Nothing was chosen. Press one: #{part.reading? ? "a reading, or that none is wrong" :
          part.options.values.join("; ")}.", key: part.key)
      end

      def count(text)
        number = Integer(text.strip, 10, exception: false)
        return number if number && !number.negative?

        raise Fault.new("\"#{text}\" is no number of them. Write how many, such as 2.")
      end

      # Layers of the stock, from the jamb out.
      def layers(text)
        words = text.tr("−", "-").split(/[\s+;]+/).reject(&:empty?)
        raise Fault.new("No layer was typed. Write them from the jamb out, such as 25 + 9.") if words.empty?

        words.map { |word| layer(word) }
      end

      def layer(word)
        stock = Prepare::BuildUp::STOCK
        stock.find { |one| one == Rational(word.delete_suffix("mm"), exception: false) } ||
          raise(Fault.new("\"#{word}\" is not in stock: there is #{stock.map(&:to_i).join(", ")} mm."))
      end

      # The number of a bar for each piece, in order.
      def bars(part, text)
        numbers = text.split
        pieces = part.stands_on.pieces
        missing = pieces.each_index.reject { |place| part.options.key?(numbers[place]) }
        return numbers.first(pieces.length).map { |number| Integer(number, 10) } if missing.empty?

        raise Fault.new("No bar was chosen for #{missing.map { |place| pieces[place].name }.join(", ")}. Each piece " \
          "comes from one: #{part.options.values.join("; ")}.")
      end
    end
  end
end
