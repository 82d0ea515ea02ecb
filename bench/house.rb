# frozen_string_literal: true

module YellowTrack
  module Bench
    # The house in figures, a line a room: how much there is, how long its methods are, what its
    # classes hold, how much is said about it. `bin/bench house` prints it; spec/house_spec.rb asks
    # it for what may not be.
    class House
      ROOMS = %w[core practice desk drawing files store web].freeze

      # One method as its file has it.
      #
      # lines      [Integer] from its def to its end, blank ones and comments left out
      # positional [Integer] arguments by position, those that can be left out too
      # said       [Boolean] whether a comment stands above it
      # public     [Boolean] whether a caller outside its class may name it
      Found = Struct.new(:file, :line, :owner, :name, :lines, :positional, :said, :public, keyword_init: true)

      # @param rooms [Array<String>] folders of the project
      def initialize(rooms = ROOMS) = @rooms = rooms.select { |room| Dir.exist?("#{ROOT}/#{room}") }

      # @return [Array<Found>] of all rooms or one
      def methods_of(*rooms) = (rooms.empty? ? @rooms : rooms).flat_map { |room| sources(room).flat_map(&:found) }

      # Count of the variables each class holds.
      #
      # @return [Hash{String => Integer}] "Store::Book" => 5
      def variables(room)
        sources(room).map(&:variables).reduce { |one, two| one.merge(two) { |_, a, b| a | b } }.transform_values(&:size)
      end

      # @return [String] the table, for a person
      def to_s = ([HEADS] + @rooms.map { |room| row(room) }).map { |cells| line(cells) }.join("\n")

      # For bin/bench. @return [Array<String>] the table, a line each
      def call = to_s.lines(chomp: true)

      HEADS = ["room", "files", "code lines", "file p90", "methods", "method p50", "p90", "over 22", "variables p90",
        "most", "over 3 arguments", "comment %", "public said %"].freeze
      private_constant :HEADS

      private

      def sources(room)
        @sources ||= {}
        @sources[room] ||= Dir["#{ROOT}/#{room}/**/*.rb"].sort.reject { |file| file.include?("/vendor/") }
          .map { |file| Source.new(file) }
      end

      def row(room)
        files, found, held = sources(room), methods_of(room), variables(room)
        open = found.select(&:public)
        [room, files.size, files.sum(&:code), at(files.map(&:code), 0.9), found.size, at(found.map(&:lines), 0.5),
          at(found.map(&:lines), 0.9), found.count { |one| one.lines > 22 }, at(held.values, 0.9),
          held.max_by(&:last)&.reverse&.join(" "), found.count { |one| one.positional > 3 },
          share(files.sum(&:comment), files.sum(&:comment) + files.sum(&:code)), share(open.count(&:said), open.size)]
      end

      def at(numbers, share) = numbers.sort[((numbers.size - 1) * share).round] || 0

      def share(part, whole) = whole.zero? ? 0 : (100.0 * part / whole).round

      def line(cells) = "| #{cells.join(" | ")} |"

      # One file of it, read by Ruby's own parser.
      class Source
        # @param file [String] its path
        def initialize(file)
          @file = file
          @lines = File.readlines(file, chomp: true)
          @found, @variables = [], Hash.new { |all, owner| all[owner] = [] }
          walk(RubyVM::AbstractSyntaxTree.parse(File.read(file)), [], {open: true})
        end

        # @return [Array<Found>] its methods
        attr_reader :found
        # @return [Hash{String => Array<Symbol>}] names of the variables, by class
        attr_reader :variables

        # Count of lines that are neither blank nor comment.
        def code = @lines.count { |text| code?(text) }

        # Count of lines that are comment, the magic one left out.
        def comment = @lines.count { |text| text.match?(/\A\s*#(?! frozen_string_literal)/) }

        private

        NAMED = %i[CLASS MODULE].freeze
        HELD = %i[IVAR IASGN].freeze
        private_constant :NAMED, :HELD

        def code?(text) = !text.match?(/\A\s*(#|\z)/)

        def walk(node, owners, scope)
          return unless node.is_a?(RubyVM::AbstractSyntaxTree::Node)

          case node.type
          when *NAMED then inside(node, owners + [name_of(node.children.first)])
          when :CDECL then inside(node, owners + [node.children.first.to_s])
          when :SCLASS then inside(node, owners + ["self"])
          when :DEFN, :DEFS then method(node, owners, scope)
          when :FCALL, :VCALL then called(node, owners, scope)
          else
            hold(node, owners)
            each(node, owners, scope)
          end
        end

        def inside(node, owners) = each(node, owners, {open: true})

        def each(node, owners, scope) = node.children.each { |child| walk(child, owners, scope) }

        def hold(node, owners) = HELD.include?(node.type) && variables[owners.join("::")] |= [node.children.first]

        def name_of(node) = node.children.last.to_s

        # "private" by itself closes what follows, before a def that def alone.
        def called(node, owners, scope)
          return each(node, owners, scope) unless %i[private protected module_function].include?(node.children.first)
          return scope[:open] = (node.children.first == :module_function) if node.type == :VCALL

          each(node, owners, {open: node.children.first == :module_function})
        end

        def method(node, owners, scope)
          body = @lines[node.first_lineno - 1..node.last_lineno - 1]
          @found << Found.new(file: @file.delete_prefix("#{ROOT}/"), line: node.first_lineno, owner: owners.join("::"),
            name: node.children[(node.type == :DEFS) ? 1 : 0], lines: body.count { |text| code?(text) },
            positional: positional(node), said: said?(node.first_lineno), public: scope[:open] || node.type == :DEFS)
          each(node, owners, scope)
        end

        def positional(node)
          args = node.children.last.children[1]
          pre, _, optional, _, post = args.children
          count = pre + post
          while optional
            count += 1
            optional = optional.children.last
          end
          count
        end

        # A comment above it, or above the methods of one line that stand with it.
        def said?(line)
          above = @lines[line - 2].to_s
          above.match?(/\A\s*#/)
        end
      end
      private_constant :Source
    end
  end
end
