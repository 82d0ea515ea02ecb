# frozen_string_literal: true

require "json"

module YellowTrack
  module Web
    # What all routes share: who asks, what is on the desk, how a page is shown.
    module Asking
      OTHER = "other"
      NUMBER = '(\d{1,9})'

      # The book that the application is on.
      def book = settings.book

      # Whether a piece of the page is asked for, and not all of it.
      def htmx? = request.env["HTTP_HX_REQUEST"] == "true"

      # The name that is logged: that of the account.
      def who = account.name

      # Whether a fitter asks.
      def fitter? = account.role == "fitter"

      # Whose drafts are shown and kept.
      def owner = "account-#{account.id}"

      # @return [Screen::Visitor, nil]
      def visitor = account && Screen::Visitor.new(who:, owner:, role: account.role, account_id: account.id)

      # What every screen is made with.
      def asked = {visitor:, params:}

      # Whether numbers are shown in the other unit than the job's.
      def other_unit?
        session["other_unit"] = params["unit"] == OTHER if request.get? && params["unit"]
        session["other_unit"] == true
      end

      # @return [Desk::Job]
      def find_job(id) = Desk::Job.new(book, book.jobs.find(Integer(id, 10)) || halt(404), other: other_unit?)

      # @return [Desk::KeptOpening]
      def find_opening(id) = Desk::KeptOpening.new(book, find_row(id), other: other_unit?, panel: picked_panel)

      # @return [Store::Openings::Row]
      def find_row(id) = book.openings.find(Integer(id, 10)) || halt(404)

      # @return [Desk::KeptOpening] with a plan
      def find_planned(id) = find_opening(id).tap { |opening| halt 404 unless opening.plan }

      # The job that an opening hangs in.
      def job_of(opening) = book.jobs.find(opening.row.job_id)

      # A page of an opening.
      #
      # @param kind [Class] of the screen
      def screen_of(kind, opening, *more, **rest) = kind.new(opening, *more, **asked, **rest)

      # The screen of a stage.
      def stage_screen(key, opening, **rest) = screen_of(StageScreens.of(key), opening, **rest)

      # @param renewed [Boolean] whether pieces are to take the place of those on
      #   the page
      def view(renewed: false) = View.new(token: page_token, pass: -> { page_pass }, role: account&.role, renewed:)

      # What lets a form of this session in.
      def page_token = PageToken.token(session)

      # What lets a file of whoever is signed in come up.
      def page_pass = account && settings.pass.for(account.id)

      # A page, whole.
      def show(screen) = view.page(screen)

      # Does what was asked; what is refused is said on a page that still has what
      # was typed.
      #
      # @param page [Proc] makes that page of a fault
      def refusing(page)
        yield
      rescue Fault => e
        status e.is_a?(Desk::Replacing::Clash) ? 409 : 422
        show(page.call(e))
      end

      # What a form replaces, by what it was printed with.
      #
      # @return [Desk::Replacing]
      def replacing(now, typed) = Desk::Replacing.new(params["was"], now:, typed:)

      # That what is pressed is done of what was seen.
      def of_what_was_seen(says, **now) = Desk::Replacing.seen!(params["was"], now.transform_keys(&:to_s), says)

      # Goes on to a page, so that a second load sends nothing again.
      def to_page(path) = redirect(to(path), 303)

      # A whole number that a form has to say.
      def number(name) = Integer(params[name].to_s, 10)

      # The version of the opening that was on the screen.
      def seen = Integer(params["seen"] || "0", 10)

      # The unit that a form was printed in.
      #
      # @param own [Symbol] where it does not say
      def unit_of_form(own) = Length::UNITS.find { |unit| unit.name == params["unit"] } || own

      # A file that was chosen on a page; nil for none, or for what is none.
      #
      # @return [Hash, nil] filename and tempfile
      def upload(name)
        given = params[name]
        given if given.is_a?(Hash) && given[:tempfile].is_a?(Tempfile)
      end

      # A length as it was typed in a form, in the unit that it was printed in.
      #
      # @return [Rational] mm
      def typed_length(text, own) = Length.parse(text.to_s, unit: unit_of_form(own)).mm

      # Sends a file to be kept, under a name of its own.
      def give(name, type, text)
        content_type type
        attachment name
        text
      end

      # A name for a file: letters and digits of any script.
      def file_name(*names)
        names.join(" ").downcase.gsub(/[^\p{L}\p{M}\p{N}]+/, "-").gsub(/\A-|-\z/, "").then do |name|
          name.empty? ? "opening" : name
        end
      end

      private

      # The panel that is adjusted: as the page names it, or the field.
      def picked_panel = params["key"].to_s[/\Ahung\.([A-F])\./, 1] || params["panel"].to_s[/\A[A-F]\z/]
    end
  end
end
