# frozen_string_literal: true

module YellowTrack
  module Web
    module People
      # Who of the firm may come in; links for those to come, and for a new password.
      class Screen < Web::Screen
        NOTED = 30 # of what was done about accounts

        # @param link [String, nil] that was made just now, told this once
        # @param for_whom [String, nil] whom it is for
        def initialize(book, link: nil, for_whom: nil, **rest)
          super(book, **rest)
          @link, @for_whom = link, for_whom
        end

        attr_reader :link, :for_whom

        # The template that it is drawn with.
        def template = "people/page"

        # What stands in the window's own line.
        def title = "Crew"

        # The firm's name; nil while nobody gave one.
        def firm = book.accounts.firm

        # @return [Array<Store::Accounts::Account>]
        def all = @all ||= book.accounts.all

        # @return [Array<Store::Invitations::Invitation>]
        def invitations = book.invitations.open

        # What was done about accounts, the last first.
        def noted = book.accounts.noted(NOTED)

        # Wrong sign-ins, a fitter's to see.
        #
        # @return [Array<Store::Tries::Wrong>]
        def wrong = (visitor.role == "fitter") ? book.tries.listed(NOTED) : []

        # Roles that whoever looks may ask in.
        def roles = Rights.below(visitor.role)

        # Whether he may look after someone.
        def after?(one) = one.id != visitor.account_id && roles.include?(one.role)

        # Which link somebody has, so that a press on another page ends none unseen.
        def link_mark(one) = book.accounts.link_mark(one.id)

        # Whether a second factor is asked of somebody.
        def factor?(one) = book.accounts.factor?(one.id)
      end
    end
  end
end
