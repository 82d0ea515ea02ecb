# frozen_string_literal: true

require "json"

module YellowTrack
  module Files
    # The manners that our file commands share: files or standard input in,
    # JSON out, faults by key, exit status 2.
    class Command
      FAULTY = 2
      LARGEST = 1_000_000 # bytes

      # @param files [Array<String>] paths; none for standard input
      # @param lines [Boolean] whether one file is answered in a line as well
      # @yield [document] turns a parsed file into the Hash to write
      def initialize(files, input: $stdin, output: $stdout, errors: $stderr, lines: false, &answer)
        @files, @lines = files, lines
        @input = input
        @output = output
        @errors = errors
        @answer = answer
      end

      # @return [Integer] the exit status
      def run
        results = (@files.length > 1) ? @files.map { |file| line(file) } : [whole(@files.first)]
        results.all? ? 0 : FAULTY
      rescue Errno::EPIPE
        FAULTY
      end

      private

      # One file in, one answer out.
      def whole(file)
        answer = answer(file)
        @output.puts(@lines ? JSON.generate(answer) : JSON.pretty_generate(answer))
        true
      rescue Fault => e
        @errors.puts(e.message)
        false
      end

      # Many files, a line each: for whoever pipes them on.
      def line(file)
        @output.puts(JSON.generate(answer(file)))
        true
      rescue Fault => e
        @output.puts(JSON.generate("faults" => e.message.lines(chomp: true)))
        false
      end

      # A sum that cannot be done is the readings' fault, and is said of the file that has them.
      def answer(file)
        @answer.call(parsed(text(file), file || "standard input"))
      rescue ZeroDivisionError, FloatDomainError
        raise Fault, "#{file || "standard input"}: these readings make no set. Check the widths and heights."
      end

      # A file is read whole, so that one which is too large is refused before anything is made of it.
      def text(file)
        text = file ? File.read(file, encoding: "UTF-8") : @input.read
        raise Fault, "#{file || "standard input"}: over #{LARGEST} bytes. That is no opening." if text
          .bytesize > LARGEST

        text
      rescue SystemCallError => e
        raise Fault, "#{file}: cannot be read (#{e.class.name.split("::").last}). Give the path of a file."
      end

      # What is no JSON is said with its place, and with what was expected there.
      def parsed(text, name)
        JSON.parse(text.dup.force_encoding("UTF-8").scrub("?"), max_nesting: 20)
      rescue JSON::ParserError => e
        raise Fault, "#{name}: is no JSON (#{e.message.lines.first.strip[0, 80]})."
      end
    end
  end
end
