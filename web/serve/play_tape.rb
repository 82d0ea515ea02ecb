# frozen_string_literal: true

require "optparse"

module YellowTrack
  module Web
    # What bin/tape does with its words: readings into the stream that pages listen to.
    class PlayTape
      # @param words [Array<String>] of the command line
      # @param input [IO] where readings come from if none are among them
      def initialize(words, input: $stdin, output: $stdout)
        @input, @output = input, output
        @every, @database = 0.5, Store::Place.database
        @readings = parser.parse(words)
      rescue Fault => e
        YellowTrack::Files::Help.wrong(e.words)
      rescue OptionParser::ParseError => e
        YellowTrack::Files::Help.wrong "#{e.message}. It takes --demo, --every SECONDS and readings, as in 1.806m or " \
          "\"71 1/16in\"."
      end

      # Plays the readings.
      def run
        abort "There is no #{@database}: start Yellow Track first." unless File.exist?(@database)
        book = Store::Book.open(@database)
        list.each_with_index do |reading, place|
          sleep(@every) if place.positive?
          book.tape.play(reading)
          @output.puts(reading)
        end
      rescue Fault => e
        abort e.message
      end

      private

      def list = @readings.any? ? @readings : @input.each_line(chomp: true).reject { |line| line.strip.empty? }

      def parser
        OptionParser.new do |options|
          options.on("--demo") { @database = Start::DEMO }
          options.on("--every SECONDS", Float) { |seconds| @every = seconds.clamp(0, 60) }
        end
      end
    end
  end
end
