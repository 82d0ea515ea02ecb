# frozen_string_literal: true

require "yaml"

module YellowTrack
  module Files
    # Words of the trade that the screens use, each with what it says and how it is drawn (handbook 1).
    module Words
      # word; says, a sentence; also, its other forms; drawn, strokes of its drawing
      Word = Struct.new(:word, :says, :also, :drawn, keyword_init: true) do
        # What it is called in an address.
        def key = word.tr(" ", "-")

        # It and its other forms.
        def forms = [word, *also]
      end

      module_function

      # @return [Array<Word>] by the alphabet; data/words.yml, read once
      def all
        @all ||= YAML.safe_load_file("#{ROOT}/data/words.yml").map { |word| Word.new(**word) }.sort_by(&:word).freeze
      end

      # @param key [String]
      # @return [Word, nil]
      def find(key) = all.find { |word| word.key == key }

      # Every form with the key of its word.
      #
      # @return [Hash{String => String}]
      def forms = @forms ||= all.flat_map { |word| word.forms.map { |form| [form, word.key] } }.to_h.freeze
    end
  end
end
