# frozen_string_literal: true

require "cgi/escape"
require "date"
require "erubi"
require "securerandom"
require "tilt"
require "tilt/erubi"
require "time"

module YellowTrack
  module Web
    # What templates are rendered with: the formats that they share. It knows the
    # request's token and its time, and no opening: what a template shows is handed
    # to it as locals. No number is worked out here.
    class View
      FRACTION = %r{(\d+)/(\d+)}
      MONTHS = %w[January February March April May June July August September October November December].freeze
      WEEKDAYS = %w[Sunday Monday Tuesday Wednesday Thursday Friday Saturday].freeze
      DONE = '<span class="done">✓<span class="visually-hidden"> done</span></span>'
      ORIGINS = {kit: "from the kit sheet", survey: "from the survey", fitter: "your own figure",
                 handbook: "worked out"}.freeze
      HANDS = {1 => "one person", 2 => "two people", 3 => "three people, or two and a lifter"}.freeze

      # What stands, in a piece that is made once for all requests, for what each has of its own: a form's number
      # and the token.
      ONCE, STAMP = "number-of-the-form", "token-of-the-request"
      STAMPED = /(#{ONCE}|#{STAMP})/

      TEMPLATES = Hash.new do |made, name|
        made[name] = Tilt::ErubiTemplate.new("#{ROOT}/web/#{name}.erb", escape_html: true)
      end

      # @param token [String] that forms are sent with
      # @param pass [Proc, nil] gives what files are sent up with: few pages ask for it
      # @param role [String, nil] of whoever looks at it; nil where nobody is signed in
      # @param renewed [Boolean] whether pieces are to take the place of those on
      #   the page
      def initialize(token:, pass: nil, role: nil, renewed: false)
        @token, @pass, @role = token, pass, role
        @renewed = renewed
        @forms = 0
      end

      # @return [Boolean]
      attr_reader :renewed

      # A piece of a page.
      #
      # @param name [String] of its template: "parts/rail"
      # @return [String] HTML
      def partial(name, **locals) = TEMPLATES[name].render(self, locals)

      # A piece of a page of an opening that stays as it is while nothing is written:
      # it is made once, and stamped with the request's token.
      #
      # @param screen [OpeningScreen]
      # @return [String] HTML
      def kept(name, screen)
        return partial(name, screen:) unless screen.settled?

        made = screen.opening.piece(name, @role, *screen.stands_on) do
          View.new(token: STAMP, role: @role).partial(name, screen:).split(STAMPED)
        end
        made.map { |text| own(text) }.join
      end

      # A piece without a form that is made of what it says and of nothing else: made once for all who look.
      #
      # @param from [Array] all that it says
      # @return [String] HTML
      def alike(name, from, **locals) = ALIKE.fetch([name, *from]) { partial(name, **locals).chomp.freeze }

      ALIKE = Latest.new(2000)
      private_constant :ALIKE

      # A whole page.
      #
      # @param screen [Screen]
      # @return [String] HTML
      def page(screen)
        body = partial(screen.template, screen:)
        screen.layout ? TEMPLATES[screen.layout].render(self, screen:) { body } : body
      end

      # Where everything is.
      def paths = Paths

      attr_reader :token

      # Whether whoever looks at the page may send that.
      #
      # @param path [String] of the form
      # @param key [String, nil] of the value that it sends
      def may?(path, key: nil) = @role.nil? || Rights.may?(@role, "POST", path[/\A[^?#]*/], key:)

      # What every form begins with: the request's token, and what it is known by, so that a double
      # press counts once. Where it may not be sent, all that follows can be read and not pressed.
      #
      # @return [String] HTML
      def sending(path, key: nil)
        @kept_from = !may?(path, key:)
        "#{hidden("authenticity_token", token)}#{once}#{"<fieldset disabled>" if @kept_from}"
      end

      # What a form is known by: the page's number, and its place among the forms of the page.
      #
      # @return [String] HTML
      def once = hidden("once", number)

      # What every form ends with. @return [String] HTML
      def sent = @kept_from ? "</fieldset>" : ""

      # What a form replaces, as it stands.
      #
      # @param values [Hash{String => String}]
      # @return [String] HTML
      def was(values) = values.map { |key, text| hidden("was[#{key}]", text) }.join

      # A hidden field. @return [String] HTML
      def hidden(name, value)
        "<input type=\"hidden\" name=\"#{CGI.escapeHTML(name)}\" value=\"#{CGI.escapeHTML(value.to_s)}\">"
      end

      # Where a file is sent: it is known whose it is before it is read.
      def file_path(path) = Paths.with(path, {Gate::TOKEN => token, "pass" => @pass.call})

      # A piece of the page that is renewed in its place after a change.
      # @return [String] HTML attributes
      def live(id) = "id=\"#{id}\"#{' hx-swap-oob="true"' if renewed}"

      # An id for the page of whatever has a dotted key.
      def id_of(key) = Desk::Field.id_of(key)

      # Text with its fractions set as real ones, safe for a page.
      # @return [String] HTML
      def words(text) = CGI.escapeHTML(text.to_s).gsub(FRACTION) { "<span class=\"fraction\">#{$1}/#{$2}</span>" }

      # A figure of several parts: numbers large, what stands between them small.
      #
      # @param parts [Array<String, Symbol>] a Symbol is shown small
      # @return [String] HTML
      def figure(parts)
        Array(parts).map { |part| part.is_a?(Symbol) ? "<small>#{words(part.name)}</small>" : words(part) }.join(" ")
      end

      # A check's mark: its shape and its word. @return [String] HTML
      def mark(level, word: true)
        return "" unless level
        return DONE if level == :done

        "<span class=\"mark mark-#{level}\" aria-hidden=\"true\"></span>" \
          "<span class=\"#{word ? "mark-word mark-word-#{level}" : "visually-hidden"}\">#{level}</span>"
      end

      # What a fault says, a line each. @return [String] HTML
      def lines(text) = text.to_s.lines(chomp: true).map { |line| "<p>#{words(line)}</p>" }.join

      # Where a value was taken from, in words.
      def origin(entry) = ORIGINS.fetch(entry.from)

      # How many hands, in words.
      def hands(count) = HANDS.fetch(count)

      # A moment of the log as it is read on site: "25 November, 14:05".
      def moment(at)
        Time.iso8601(at).localtime.then { |time| "#{time.day} #{MONTHS[time.month - 1]}, #{time.strftime("%H:%M")}" }
      end

      # With its year, for what may be years ago: "25 November 2026, 14:05".
      def full_moment(at)
        Time.iso8601(at).localtime.then { |time| "#{day_of_paper(time)}, #{time.strftime("%H:%M")}" }
      end

      # A day in words: "Monday 1 March".
      def day(date) = "#{WEEKDAYS[date.wday]} #{date.day} #{MONTHS[date.month - 1]}"

      # Today as papers are dated: "26 November 2026".
      def today = day_of_paper(Date.today)

      # A day as papers have it: "1 March 2027".
      def day_of_paper(date) = "#{date.day} #{MONTHS[date.month - 1]} #{date.year}"

      # Money: hundredths, thousands apart, the house's currency behind it where it is given.
      def price(amount, currency = nil)
        whole, cents = format("%.2f", amount).split(".")
        ["#{Length::Printer.grouped(whole)}.#{cents}", currency].compact.reject(&:empty?).join(Length::Printer::NBSP)
      end

      # A sum that may wait for its prices.
      def sum(amount) = amount ? price(amount) : "no price yet"

      # A count of something: whole, or to the hundredth.
      def quantity(count) = (count.to_i == count) ? count.to_i.to_s : format("%.2f", count)

      # A share in whole per cent.
      def per_cent(share) = "#{(share * 100).round} %"

      # So many of something: "1 set", "2 sets".
      def counted(count, one, many = "#{one}s") = "#{quantity(count)} #{(count == 1) ? one : many}"

      private

      def number
        return ONCE if token == STAMP

        @page ||= SecureRandom.uuid[0, 32]
        @page + (@forms += 1).to_s(16).rjust(4, "0")
      end

      # A text of a piece that was kept, or what stands at its place on this page.
      def own(text)
        case text
        when STAMP then token
        when ONCE then number
        else text
        end
      end
    end
  end
end
