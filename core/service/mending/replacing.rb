# frozen_string_literal: true

module YellowTrack
  module Mending
    # Mend or replace, in plain figures (handbook 13). In the house's money.
    class Replacing
      MEND = %w[hours hands rate parts trips].freeze
      NEW = %w[door hardware new_hours new_hands rate new_trips disposal].freeze

      # @return [Working]
      attr_reader :work
      # @return [Rational] what mending comes to
      attr_reader :mend
      # @return [Rational, nil] what a new door comes to; nil without its price
      attr_reader :replace
      # @return [Rational, nil] mend as a share of new
      attr_reader :share

      # @param figures [Hash{String => Numeric}] those of MEND and NEW; 0 for what is
      #   left out
      def initialize(figures)
        @figures = figures.transform_values { |figure| Rational(figure.to_s) }
        @work = Working.new
        @mend = sum("mend", "Mending", "hours × hands × rate + parts + trips", keys: MEND)
        compare if figure("door").positive?
        @work.freeze
        freeze
      end

      private

      def figure(key) = @figures.fetch(key, 0r)

      def plain(keys) = keys.to_h { |key| [key.to_sym, Working::Plain.new(figure(key), "")] }

      def sum(key, title, formula, keys:)
        work.sum("replacing.#{key}", title, formula, unit: "in all", why: "Its hours, and what is bought.",
          **plain(keys))
      end

      def compare
        @replace = sum("new", "A new door",
          "door + hardware + new hours × new hands × rate + new trips + disposal", keys: NEW)
        return unless replace.positive?

        @share = work.sum("replacing.share", "Mend beside new", "mend ÷ new", unit: "",
          mend: Working::Plain.new(mend, ""), new: Working::Plain.new(replace, ""), why: "Over 60 % it is told.")
      end
    end
  end
end
