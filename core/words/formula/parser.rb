# frozen_string_literal: true

require "strscan"

module YellowTrack
  class Formula
    # Turns the text of a formula into nested procs, by recursive descent:
    # sum → product → power → atom.
    class Parser
      WORD = /\p{L}[\p{L}\p{Nd}₀-₉'↑↓]*(?: \p{L}[\p{L}\p{Nd}₀-₉'↑↓]*)*/
      NUMBER = /\d+(?:\.\d+)?/

      # A word of a formula as the key of its value.
      def self.name(word) = word.tr(" ", "_").to_sym

      # @param text [String] of a formula
      def initialize(text)
        @text = text
        @scanner = StringScanner.new(text)
      end

      # @return [Proc] takes the values, gives the number
      def tree
        tree = sum
        space
        @scanner.eos? ? tree : wrong
      end

      private

      def sum
        left = product
        while (sign = take(/[+−]/))
          left = joined(left, product, sign)
        end
        left
      end

      def joined(left, right, sign)
        return ->(values) { left.call(values) + right.call(values) } if sign == "+"

        ->(values) { left.call(values) - right.call(values) }
      end

      def product
        left = power
        while (sign = take(/[×÷]/))
          left = multiplied(left, power, sign)
        end
        left
      end

      def multiplied(left, right, sign)
        return ->(values) { left.call(values) * right.call(values) } if sign == "×"

        ->(values) { left.call(values).quo(right.call(values)) }
      end

      def power
        base = atom
        take(/²/) ? ->(values) { base.call(values)**2 } : base
      end

      def atom
        if take(/−/) then negated(atom)
        elsif take(/\(/) then closed(sum)
        elsif (digits = take(NUMBER)) then constant(digits)
        elsif (word = take(WORD)) then named(word)
        else
          wrong
        end
      end

      def negated(tree) = ->(values) { -tree.call(values) }

      def closed(tree) = take(/\)/) ? tree : wrong

      def constant(digits)
        number = Rational(digits)
        number = number.numerator if number.denominator == 1
        ->(_values) { number }
      end

      def named(word)
        return call_of(FUNCTIONS.fetch(word)) if FUNCTIONS.key?(word) && take(/\(/)

        name = self.class.name(word)
        ->(values) { Working.bare(values.fetch(name)) }
      end

      def call_of(function)
        inputs = [sum]
        inputs << sum while take(/,/)
        closed(->(values) { function.call(*inputs.map { |input| input.call(values) }) })
      end

      def take(pattern)
        space
        @scanner.scan(pattern)
      end

      def space = @scanner.skip(/\s+/)

      def wrong = raise(ArgumentError, "no formula: #{@text.inspect}, at #{@scanner.rest.inspect}")
    end
  end
end
