# frozen_string_literal: true

require "json"
require "tmpdir"

module YellowTrack
  module Bench
    # How long bin/plan takes as a whole process, on one file and on many.
    class Commands
      COUNT = 15
      MANY = 100

      # @return [Array<String>] a line of figures each
      def call
        demo = "#{ROOT}/demo/osier-weir/b-bunk-room-2.json"
        Dir.mktmpdir do |folder|
          files = Array.new(MANY) { |n| "#{folder}/#{n}.json".tap { |file| File.write(file, File.read(demo)) } }
          [Timing.line("bin/plan, one file", Timing.times(COUNT) { run(demo) }),
            Timing.line("bin/plan, #{MANY} files", Timing.times(COUNT / 3) { run(*files) })]
        end
      end

      private

      # As from a shell: none of this process's own settings.
      def run(*files)
        done = Bundler.with_unbundled_env { system("#{ROOT}/bin/plan", *files, out: File::NULL) }
        raise "bin/plan failed" unless done
      end
    end
  end
end
