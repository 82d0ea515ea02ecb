# frozen_string_literal: true

module YellowTrack
  module Web
    module Account
      # One's own account: password, second factor, devices, the way out.
      class Screen < Web::Screen
        # @param device [String, nil] the one that asks, as it is kept
        # @param said [String, nil] what was said where this page was come from
        def initialize(book, device:, said: nil, **rest)
          super(book, **rest)
          @device, @said = device, said
        end

        attr_reader :said

        # The template that it is drawn with.
        def template = "account/page"

        # What stands in the window's own line.
        def title = visitor.who

        # The firm's name; nil while nobody gave one.
        def firm = book.accounts.firm

        # @return [Array<Store::Accounts::Session>]
        def devices = @devices ||= book.accounts.sessions(visitor.account_id)

        # Whether that is the device that looks at the page.
        def this?(device) = device.key == @device

        # Whether the firm's own pages are his to see.
        def firms? = Rights.may?(visitor.role, "GET", Paths.crew)

        # Whether a second factor is asked of whoever looks at it.
        def factor? = book.accounts.factor?(visitor.account_id)
      end
    end
  end
end
