# frozen_string_literal: true

require "io/console"
require "optparse"

module YellowTrack
  module Web
    # What bin/account does: for whoever has the machine, where nobody else of the firm
    # can help.
    class AccountCommand
      ACTS = %w[list add password one-factor close open].freeze
      USAGE = "It takes list, or one of #{ACTS.drop(1).join(", ")} and a name; add takes --role " \
        "#{Store::Accounts::ROLES.join("|")} too."
      BY = "bin/account"

      # @param words [Array<String>] of the command line
      # @param input [IO] that a password is typed at
      def initialize(words, input: $stdin)
        @role, @input = "fitter", input
        OptionParser.new { |options| options.on("--role ROLE", Store::Accounts::ROLES) { |role| @role = role } }
          .permute!(words)
        @act, @name = words.first, words.drop(1).join(" ")
      rescue OptionParser::ParseError => e
        YellowTrack::Files::Help.wrong("#{e.message}. #{USAGE}")
      end

      # Does it, and says what came of it.
      def call
        YellowTrack::Files::Help.wrong(USAGE) if !ACTS.include?(@act) || (@name.empty? && @act != "list")

        @book = Store::Book.open(there)
        (@act == "list") ? list : done
      rescue Fault => e
        abort e.words
      rescue *Store::Trouble::KINDS => e
        abort Store::Trouble.says(e) || "#{e.message}."
      ensure
        @book&.close
      end

      # Gives someone a password, and signs him out of every device.
      #
      # @param book [Store::Book]
      # @raise [Fault] for one that is too short, too long or among the first that are tried
      def self.give(book, id, password)
        sign_in = SignIn.on(book, secret: Server.secret(book.file), inside: true)
        refused = sign_in.rodauth.internal_request_eval(account_id: id) { refusal_of(password) || give(password) }
        raise Fault.new("That password is not taken. #{refused}", key: "password") if refused
      end

      private

      # Whoever only looks makes no book.
      def there
        path = Store::Place.database
        return path if @act == "add" || File.file?(path)

        raise Fault.new("No book yet at \"#{path}\". bin/serve makes it, or bin/account add NAME.", key: "file")
      end

      def list
        all = @book.accounts.all
        puts "Nobody is in yet. bin/account add NAME" if all.empty?
        all.each { |one| puts "#{one.name}, #{one.role}#{", may not come in" unless one.open}" }
      end

      def done
        (@act == "add") ? add : about(named)
      end

      def add
        raise Fault, "\"#{@name}\" is in already." if @book.accounts.named(@name)

        @book.transaction do
          id = @book.accounts.add(@name, role: @role)
          AccountCommand.give(@book, id, typed)
          @book.accounts.note("#{@name} is in, as #{@role}", by: BY)
        end
        puts "#{@name} is in, as #{@role}."
      end

      def about(one)
        case @act
        when "password" then AccountCommand.give(@book, one.id, typed)
        when "one-factor" then @book.accounts.without_factor(one.id)
        when "close" then @book.accounts.close(one.id, by: BY)
        when "open" then @book.accounts.open(one.id, by: BY)
        end
        @book.accounts.note("#{@act}: #{one.name}", by: BY) if %w[password one-factor].include?(@act)
        puts "Done: #{@act}, #{one.name}."
      end

      def named
        @book.accounts.named(@name) or raise Fault, "\"#{@name}\" is nobody's name here. There is " \
          "#{@book.accounts.all.map(&:name).join(", ").then { |names| names.empty? ? "nobody yet" : names }}."
      end

      # A password, unseen where it is typed by hand.
      def typed
        return @input.gets.to_s.chomp unless @input.tty?

        $stderr.print "Password for #{@name}, #{SignIn::Rules::LEAST} characters or more: "
        @input.noecho(&:gets).to_s.chomp.tap { $stderr.puts }
      end
    end
  end
end
