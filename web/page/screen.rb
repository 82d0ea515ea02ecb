# frozen_string_literal: true

module YellowTrack
  module Web
    # A page as it is shown: everything that its template says. Each page has a
    # class of its own; #template names its template, which gets it as `screen`.
    class Screen
      # Who looks: the name that he is logged under, whose drafts are his, what he may.
      Visitor = Struct.new(:who, :owner, :role, :account_id, keyword_init: true)

      # What was refused: the fault, and which of the page's forms it was said of.
      Refused = Struct.new(:fault, :form)

      # @return [Visitor, nil] nil for nobody
      attr_reader :visitor

      # @param book [Store::Book]
      # @param visitor [Visitor]
      # @param params [Hash] of the request, cleaned
      # @param fault [Fault, nil] what was refused: the page says it, with what was
      #   typed still in its place
      # @param form [String, nil] which of the page's forms was, where it has several
      def initialize(book, visitor:, params: {}, fault: nil, form: nil)
        @book, @visitor, @params, @refused = book, visitor, params, Refused.new(fault, form)
      end

      # The folder that its class stands in names its template.
      def template
        self.class.name.split("::").last(2).then do |folder, name|
          "#{Screen.underscored(folder)}/#{Screen.underscored(name)}"
        end
      end

      # The folder that its template and its style sheet stand in.
      #
      # @return [String] "look"
      def folder = template[%r{\A[^/]+}]

      # @return [Array<String>] paths of its style sheets, in the order that they are loaded
      def styles = Styles.of(folder, paper: layout == "page/paper")

      # "TakeDown" as its folder is called: "take_down".
      def self.underscored(name) = name.gsub(/(?<=[a-z])[A-Z]/) { "_#{_1}" }.downcase

      # The frame that it is drawn in: a page of the work, or a paper.
      def layout = "page/layout"

      # Whether ways lead from it to other pages.
      def ways? = true

      # @return [String] in the window's own line
      def title = nil

      # Where the page stands: its job and its opening, nil for neither.
      def job = nil

      # The opening on the page; nil for none.
      def opening = nil

      # What its numbers are shown in the unit of: an opening or a job on the desk;
      # nil where there is no other unit to show.
      def unit_of = opening

      # The stage that it shows; nil for none.
      def stage = nil

      # Where who skips what stands on every page lands: an id.
      def lands = "work"

      # Keys that it has beside those of every page: what each does, by its key.
      def keys = {}

      # @return [Fault, nil] what was refused
      def fault = @refused.fault

      # What was typed, where it was refused; nothing elsewhere.
      def typed = fault ? params : {}

      # What was typed at a name, where it was refused.
      def typed_at(name) = typed[name].to_s

      # What the house's money is called; nil where nobody said.
      def currency
        @currency ||= Desk::HouseWords.currency(book.house_rules.all)
        @currency unless @currency.empty?
      end

      # How much of his quarrels with what others wrote, where the page tells it; nil elsewhere.
      def quarrels = nil

      # What was refused, each by itself.
      #
      # @return [Array<Fault>]
      def faults = fault&.list || []

      # A kit that a form was told of, and may replace: its id and what stands under it.
      #
      # @return [String] empty for none
      def seen_kit = fault.is_a?(Desk::Replacing::Clash) ? "#{fault.key} #{book.own_kits.mark(fault.key)}" : ""

      # Which of the page's forms was refused.
      def refused?(form) = !fault.nil? && @refused.form == form

      # What a form says that was refused.
      def says(form) = refused?(form) ? fault.message : ""

      # What was typed at a name of a form, where that was refused.
      def refused(form, name) = refused?(form) ? typed_at(name) : ""

      private

      attr_reader :book, :params

      # What the page was asked for: a whole number.
      def asked_number(name) = Integer(params[name].to_s, 10, exception: false)
    end
  end
end
