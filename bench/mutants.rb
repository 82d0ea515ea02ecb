# frozen_string_literal: true

require "fileutils"
require "ripper"
require "tmpdir"

module YellowTrack
  module Bench
    # Changes one thing at a time in web, desk and drawing — a comparison, a term, a guard, a nil —
    # and asks the nearest specs whether they notice. What is chosen follows from a seed:
    # `SEED=7 MUTANTS=60 bin/bench mutants`.
    class Mutants
      ROOMS = %w[web desk drawing].freeze
      COPIED = %w[boot.rb Gemfile Gemfile.lock README.md .rspec bench bin core data demo desk docs drawing files
        practice spec store web].freeze
      LEAST = 0.85 # of them have to die
      PATIENCE = 400 # seconds for the specs of one: over all of them, so that only what never ends is cut short
      SWAPS = {"==" => "!=", "!=" => "==", "<" => ">=", ">" => "<=", "<=" => ">", ">=" => "<", "+" => "-", "-" => "+",
               "*" => "/", "&&" => "||", "||" => "&&"}.freeze
      GUARDS = {"if" => "unless", "unless" => "if"}.freeze

      # The specs nearest to a folder of the web, or a file of a room: docs/working-on-it.md has the same
      # for a person. What is not named here is next to the spec of its folder's name.
      NEAREST = {
        "web/adjust" => %w[web/adjust web/demo], "web/built" => %w[web/built], "web/choose" => %w[web/choose],
        "web/cut" => %w[web/saw web/app], "web/hand_over" => %w[web/hand_over web/mending], "web/hang" => %w[web/hang],
        "web/job" => %w[web/app web/price web/offers web/lists web/saw], "web/kits" => %w[web/kit_form web/own_kits],
        "web/log" => %w[web/log web/edges], "web/look" => %w[web/service web/cannot_tell], "web/fit" => %w[web/fit],
        "web/words" => %w[web/words], "web/measure" => %w[web/app web/edges web/doors web/field web/once_more],
        "web/mend" => %w[web/mending], "web/rehang" => %w[web/mending], "web/take_down" => %w[web/mending web/service],
        "web/page" => %w[web/app web/field web/edges web/ways web/undo web/old_papers web/once_more web/practice],
        "web/papers" => %w[web/papers], "web/people" => %w[web/crew], "web/account" => %w[web/crew web/sign_in],
        "web/sign_in" => %w[web/sign_in web/crew],
        "web/practice" => %w[web/practice web/practice_played web/cannot_tell], "web/prepare" => %w[web/prepare],
        "web/request" => %w[web/intake web/rights web/kept_out web/rates web/two_windows],
        "web/rules" => %w[web/app web/ways],
        "web/saw" => %w[web/saw], "web/search" => %w[web/search], "web/serve" => %w[web/start],
        "web/sheets" => %w[web/papers web/app web/doors], "web/size" => %w[web/app web/numbers_shown],
        "web/visits" => %w[web/visits web/board], "web/today" => %w[web/board],
        "web/wall" => %w[web/app web/lists web/visits], "web/along" => %w[web/along],
        "web/backups" => %w[web/kept_out store/backups],
        "web/routes" => %w[web/app web/hang web/log web/saw web/crew web/service web/visits web/along web/practice
          web/papers web/kit_form web/own_kits web/price web/offers web/search web/board web/words web/files
          desk/record/job_file],
        "desk/adjust" => %w[web/adjust], "desk/choose" => %w[desk/choose web/choose web/offers],
        "desk/cut" => %w[web/saw web/price web/offers desk/record/took web/board],
        "desk/hang" => %w[web/hang desk/visits],
        "desk/measure" => %w[desk/measure web/app web/field web/along web/once_more],
        "desk/order" => %w[web/next_step web/demo web/hang web/mending],
        "desk/practice" => %w[desk/practice web/practice web/practice_played web/cannot_tell],
        "desk/record" => %w[desk/record web/hand_over web/built web/offers web/mending web/visits],
        "desk/service" => %w[web/service web/mending web/cannot_tell web/fit web/next_step],
        "desk/size" => %w[web/app web/numbers_shown],
        "desk/visits" => %w[desk/visits web/visits web/board web/offers], "web" => %w[web/start web/rights web/sign_in],
        "desk" => %w[desk web/app], "desk/words" => %w[web/price web/app], "drawing" => %w[drawing],
        "drawing/paper" => %w[drawing/paper web/offers web/board]
      }.freeze

      # One thing that is changed.
      #
      # file [String], line and column [Integer] of what; put [String] in its place
      Mutant = Struct.new(:file, :line, :column, :what, :put) do
        def to_s = "#{file}:#{line} #{what} → #{put}"

        # @param text [String] of its file
        # @return [String] with the change
        def in(text)
          lines = text.lines
          lines[line - 1] = lines[line - 1].dup.tap { |one| one[column, what.length] = put }
          lines.join
        end
      end

      def initialize
        @random = Random.new(Integer(ENV.fetch("SEED", 1)))
        @count = Integer(ENV.fetch("MUTANTS", 60))
      end

      # @return [Array<String>] a line for each that lives, and how many died
      def call
        chosen = all.sample(@count, random: @random)
        queue, living = Queue.new, Queue.new
        chosen.each { |one| queue << one }
        queue.close
        workers = Array.new(2) { Thread.new { work(queue, living) } }
        workers.each(&:join)
        lives = Array.new(living.length) { living.pop }
        @share = 1 - lives.length.to_f / chosen.length
        [*lives.map { |one| "lives: #{one}" }, format("%d of %d died: %.0f %%", chosen.length - lives.length,
          chosen.length, @share * 100)]
      end

      # @return [Boolean] whether too many live
      def failed? = @share < LEAST

      private

      def work(queue, living)
        Dir.mktmpdir do |folder|
          COPIED.each { |part| FileUtils.cp_r("#{ROOT}/#{part}", folder) }
          while (mutant = queue.pop)
            living << mutant if lives?(mutant, folder)
          end
        end
      end

      # Whether the nearest specs notice nothing.
      def lives?(mutant, folder)
        path = "#{folder}/#{mutant.file}"
        before = File.read(path)
        File.write(path, mutant.in(before))
        system({"BUNDLE_GEMFILE" => "#{folder}/Gemfile", "SE_OFFLINE" => "true", "BUNDLE_WITHOUT" => nil}, "timeout",
          PATIENCE.to_s, "bundle", "exec", "rspec", "--fail-fast", *specs(mutant.file, folder), chdir: folder,
          out: File::NULL, err: File::NULL)
      ensure
        File.write(path, before)
      end

      def specs(file, folder)
        near = NEAREST[File.dirname(file)] || NEAREST[file[%r{\A[^/]+/[^/]+}]] || NEAREST.fetch(file[%r{\A[^/]+}])
        near += %w[web/whole_pages web/marks]
        near += %w[web/forms_sent web/said web/demo] unless file.start_with?("drawing")
        near.map { |name| File.directory?("#{folder}/spec/#{name}") ? "spec/#{name}" : "spec/#{name}_spec.rb" }
          .select { |path| File.exist?("#{folder}/#{path}") }
      end

      def all = ROOMS.flat_map { |room| Dir["#{ROOT}/#{room}/**/*.rb"].sort }.flat_map { |file| of(file) }

      def of(path)
        file = path.delete_prefix("#{ROOT}/")
        text = File.read(path)
        found = Ripper.lex(text).filter_map do |(line, column), type, token|
          put = (type == :on_op) ? SWAPS[token] : (GUARDS[token] if type == :on_kw)
          Mutant.new(file, line, column, token, put) if put && spaced?(text, line, column, token)
        end
        found + nils(file, text)
      end

      # An operator with room on both sides: no splat, no sign, no range.
      def spaced?(text, line, column, token)
        (@lines ||= {}).fetch(text) { @lines[text] = text.lines }[line - 1][column - 1, token.length + 2].to_s
          .match?(/\A #{Regexp.escape(token)} \z/)
      end

      def nils(file, text)
        text.each_line.with_index(1).filter_map do |line, number|
          at = line.match(/\A\s+def [a-z_?]+(?:\([^)]*\))? = (.+)\n/) or next
          Mutant.new(file, number, at.begin(1), at[1], "nil") unless at[1] == "nil" || at[1].match?(/[{(\[]\z|\bdo\z/)
        end
      end
    end
  end
end
