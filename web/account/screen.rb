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

        def template = "account/page"

        def title = visitor.who

        def firm = book.accounts.firm

        # @return [Array<Store::Accounts::Session>]
        def devices = @devices ||= book.accounts.sessions(visitor.account_id)

        def this?(device) = device.key == @device

        # Whether the firm's own pages are his to see.
        def firms? = Rights.may?(visitor.role, "GET", Paths.crew)

        def factor? = book.accounts.factor?(visitor.account_id)
      end
    end
  end
end
