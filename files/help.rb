# frozen_string_literal: true

module YellowTrack
  module Files
    # What a command says of itself: the comment at its head, with what it does, its words and an
    # example. One that gets words it does not know says so in a sentence, with status 2.
    module Help
      ASKED = %w[--help -h].freeze
      WRONG = 2

      module_function

      # Prints a command's head where that is asked for, and refuses words that it does not know.
      #
      # @param path [String] of the command
      # @param words [Array<String>] of the command line
      # @param known [Array<String>] options that it takes
      def first(path, words, known: [])
        if (words & ASKED).any?
          puts head(path)
          exit
        end

        odd = words.find { |word| word.start_with?("-") && word != "-" && !known.include?(word) }
        refuse(path, "knows no #{odd[0, 40]}") if odd
      end

      # Ends with a sentence about the command's words.
      def refuse(path, says)
        name = "bin/#{File.basename(path)}"
        wrong "#{name} #{says}. #{name} --help tells what it takes."
      end

      # Ends with a sentence: what was asked for is not to be had.
      def wrong(says)
        warn says
        exit WRONG
      end

      # @return [String] the first comment of a command, without its marks
      def head(path)
        File.readlines(path, chomp: true, encoding: "UTF-8").drop(1)
          .drop_while { |line| line.empty? || line == "# frozen_string_literal: true" }
          .take_while { |line| line.start_with?("#") }.map { |line| line.sub(/\A# ?/, "") }.join("\n")
      end
    end
  end
end
