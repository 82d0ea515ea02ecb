# frozen_string_literal: true

module YellowTrack
  module Web
    # What each role may. A route says it where it is defined: `reads(path, by: …)` and
    # `takes(path, by: …)`, the least role that may. Views ask `may?`, the door asks `may?`; there is
    # no other list. What is named nowhere is read by everyone who is signed in, and sent by a fitter.
    module Rights
      RANKS = {anybody: 0, learner: 1, office: 2, fitter: 3}.freeze
      READING = %w[GET HEAD].freeze # every other verb is judged as something that is sent
      OWN = %r{\A/account(/|\z)} # one's own account: rodauth's pages, before any route of ours

      # pattern [Mustermann::Pattern] of its path
      # by      [Symbol] the least role that may
      # keys    [Regexp, nil] of the values that a role under a fitter may send there; nil for all
      Route = Struct.new(:pattern, :by, :keys) do
        # Whether a role may, with that value where it counts.
        def lets?(role,
          key) = RANKS.fetch(by) <= RANKS.fetch(role) && (keys.nil? || role == :fitter || keys.match?(key.to_s))

        # As it is told in a table: "/jobs/N/price", "/jobs/N/bin or bring-back".
        def path
          told = pattern.to_s.gsub(/\\([.\/-])/, '\1')
          nil while told.sub!(/\((?:\?-mix:)?([^()]*)\)\??/) { part($1) }
          told
        end

        private

        def part(inner)
          return inner.split("|").join(" or ") if inner.match?(/\A[a-z|-]+\z/)
          return inner if inner.start_with?("/")

          inner.start_with?("\\d") ? "N" : "…"
        end
      end

      # By verb, in the order that they are looked at.
      ROUTES = {"GET" => [], "POST" => []}

      # What the application defines its routes with.
      module Routing
        # @param path [String, Regexp]
        # @param by [Symbol] the least role that may read it
        def reads(path, by: :learner, &act) = said("GET", by) { get(path, &act) }

        # @param path [String, Regexp]
        # @param by [Symbol] the least role that may send it
        # @param keys [Regexp, nil] of the values that a role under a fitter may send
        def takes(path, by: :fitter, keys: nil, &act) = said("POST", by, keys) { post(path, &act) }

        private

        def said(verb, by, keys = nil)
          yield
          ROUTES.fetch(verb) << Route.new(routes.fetch(verb).last.first, by, keys).freeze
        end
      end

      module_function

      # @param role [String, nil] nil where nobody is signed in
      # @param verb [String] of the request
      # @param path [String]
      # @param key [String, nil] of a value that is sent
      def may?(role, verb, path, key: nil)
        role = (role || "anybody").to_sym
        return true if role != :anybody && (role == :fitter || OWN.match?(path))

        route = of(verb, path)
        route ? route.lets?(role, key) : READING.include?(verb) && role != :anybody
      end

      # @return [Route, nil] that a request comes to
      def of(verb, path)
        ROUTES.fetch(READING.include?(verb) ? "GET" : "POST").find { |route| route.pattern.match(path) }
      end

      # The roles that someone may ask in, and look after.
      def below(role) = {"fitter" => Store::Accounts::ROLES, "office" => %w[office learner]}.fetch(role, [])

      # Why something was not done.
      def says(role)
        {"learner" => "You are here as a learner: you read, and practise. A fitter does this.",
         "office" => "You are here for the office: jobs, visits, prices and offers. A fitter does this."}.fetch(role)
      end

      # Who may send what, and what not everyone reads, as docs/running-it.md has it.
      #
      # @return [String] a table in Markdown
      def table
        rows = {"GET" => "read", "POST" => "send"}.flat_map do |verb, does|
          ROUTES[verb].reject { |route| verb == "GET" && route.by == :learner }.map { |route| row(does, route) }
        end
        ["| | | fitter | office | learner | nobody |", "|---|---|---|---|---|---|", *rows.sort].join("\n")
      end

      # A row of the table.
      def row(does, route)
        marks = %i[fitter office learner anybody].map do |role|
          next "" unless RANKS[route.by] <= RANKS[role]

          (route.keys && role != :fitter) ? "readings and the set" : "yes"
        end
        "| #{does} | `#{route.path}` | #{marks.join(" | ")} |"
      end
      private_class_method :row
    end
  end
end
