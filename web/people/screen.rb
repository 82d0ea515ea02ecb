# frozen_string_literal: true

module YellowTrack
  module Web
    module People
      # Who of the firm may come in; links for those to come, and for a new password.
      class Screen < Web::Screen
        NOTED = 30 # of what was done about accounts

        # A link that was made just now, and whom it is for; nothing for none.
        Made = Struct.new(:link, :for_whom)

        # @param link [String, nil] that was made just now, told this once
        # @param for_whom [String, nil] whom it is for
        def initialize(book, link: nil, for_whom: nil, **rest)
          super(book, **rest)
          @made = Made.new(link, for_whom)
        end

        # The link that was made just now; nil for none.
        def link = @made.link

        # Whom it is for; nil for none.
        def for_whom = @made.for_whom

        # What a crew's own form replaces.
        #
        # @param crew [Store::Crews::Crew]
        # @return [Hash{String => String}]
        def self.crew_fields(crew)
          {"name" => crew.name, **%w[from to].to_h { |key| [key, (crew[key] ? Desk::CrewHours.clock(crew[key]) : "")] }}
        end

        # @return [Array<Store::Crews::Crew>]
        def crews = @crews ||= book.crews.all

        # Those that were ended, and can be taken up again.
        def ended = book.crews.ended

        # Who is in a crew today.
        def in_crew(crew) = (@people ||= book.crews.people(Date.today))[crew.id] || []

        # Who changes crews later, with the crew's name; nil for in none.
        #
        # @return [Array<Array(Store::Crews::Person, String)>]
        def coming = book.crews.coming(Date.today).map { |one| [one, one.crew_id && book.crews.find(one.crew_id).name] }

        # When crews are away from today on, by the crew.
        def away = @away ||= book.crews.away(from: Date.today).group_by(&:crew_id)

        # When a crew is away, in words without its day: "7:30 to 10:00, dentist".
        def away_says(one)
          hours = one.from && [one.from, one.to].map { |minute| Desk::CrewHours.clock(minute) }.join(" to ")
          [hours, one.why].compact.reject(&:empty?).join(", ")
        end

        # What stands in a field of a crew's form.
        def crew_field(crew, name)
          refused?("crew #{crew.id}") ? typed_at(name) : People::Screen.crew_fields(crew)[name]
        end

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
