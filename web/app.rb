# frozen_string_literal: true

require "sinatra/base"

module YellowTrack
  module Web
    # The application on one database. Its routes stand in web/routes, each page's
    # screen and templates in its own folder.
    class App < Sinatra::Base
      HOSTS = %w[127.0.0.1 localhost].freeze
      STALE = "This page was open too long to save from. Load it again; what you typed is still in the field."

      set :environment, :production
      set :public_folder, "#{ROOT}/web/public"
      mime_type :webmanifest, "application/manifest+json"
      set :static_cache_control, [:public, {max_age: 3600}]
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, true
      # What stays on this machine goes as it is: to pack a page takes longer than to hand it over.
      use Rack::Deflater, if: ->(env, *) { env["REMOTE_ADDR"] != HOSTS.first || env["HTTP_X_FORWARDED_FOR"] }

      helpers Asking, Admission, Once
      extend Rights::Routing
      register Routes::Wall, Routes::WholeJobs, Routes::Jobs, Routes::Openings, Routes::Stages, Routes::Values,
        Routes::Files, Routes::Cuts, Routes::Saw, Routes::Papers, Routes::Tape, Routes::Prices, Routes::Offers,
        Routes::Hanging, Routes::BenchMoves, Routes::Log, Routes::Overrides, Routes::Rules, Routes::Built,
        Routes::Kits, Routes::Service, Routes::Visits, Routes::Board, Routes::CrewVisits, Routes::HandOver,
        Routes::Cures, Routes::Backups, Routes::People, Routes::Crews, Routes::Bindings, Routes::Along,
        Routes::Practice, Routes::Drills, Routes::Words

      # The application on a book.
      #
      # @param book [Store::Book]
      # @param secret [String] that its sessions are signed with
      # @param by_itself [String, nil] who is signed in without being asked: the demo's alone
      # @param site [String, nil] the address that a proxy with TLS serves it at
      # @return [Class] a Rack application
      def self.on(book, secret:, by_itself: nil, site: nil)
        tls = site.to_s.start_with?("https://")
        Class.new(self) do
          set :book, book
          set :session_secret, secret
          set :session_store, SessionCookie
          set :sessions, same_site: :lax, httponly: true, secure: tls, key: "yellow-track",
            expire_after: Store::Accounts::IDLE + SessionKept::DAY
          # Our own token asks for more, and reads no body to know; what the others say stands in Headers.
          set :protection, except: %i[remote_token xss_header frame_options]
          set :host_authorization, permitted_hosts: [*HOSTS, *ENV.fetch("YELLOW_TRACK_HOSTS", "").split(","),
            *site && URI(site).host]
          pass = Pass.new(secret)
          set :tls, tls
          set :pass, pass
          set :limits, Limits.new(pass)
          use Rack::TempfileReaper
          use FrontDoor, settings.limits
          use Rates.lay
          use SessionKept
          use OneConnection, book
          use SignIn.on(book, secret:, by_itself:, site:)
          use Gate
          use Legible
          use PageToken, message: STALE
        end
      end

      # Headers stand around all that answers, sessions and what refuses a host among it.
      def self.setup_default_middleware(builder)
        builder.use Headers, tls: settings.tls
        super
      end

      before do
        book.there!
        params.replace(Legible.clean(params)) if params.any?
        admit
        once if account
      end

      after { once_over }

      UNREAD = [Sinatra::BadRequest, ArgumentError, TypeError, Encoding::CompatibilityError].freeze

      # What the database cannot do, and what was typed and cannot be read, is a sentence for who
      # reads the server's words too.
      def dump_errors!(boom)
        says = Store::Trouble.says(boom)
        return warn("Yellow Track: #{says}") if says
        return super unless UNREAD.any? { |kind| boom.is_a?(kind) }

        place = boom.backtrace&.find { |line| line.start_with?("#{ROOT}/") }.to_s.delete_prefix("#{ROOT}/")
        warn "Yellow Track: not read, #{Fault.on_one_line(boom.message)[0, 200]} (#{place})"
      end

      not_found do
        show Said.new("Nothing hangs here.", "The address names a job or an opening that is not in this book.")
      end

      error(*UNREAD) do
        status 400
        show Said.new("Not read", Gate::READ)
      end

      error(Store::Trouble::Gone, Sequel::DatabaseError, Sequel::PoolTimeout) do |error|
        says = Store::Trouble.says(error) or next fail_plainly
        status 503
        kept_out "#{says} Nothing was saved by this; what was saved before is as it was."
      end

      error { fail_plainly }

      helpers do
        # What cannot be saved now, and may be later: a field says it and is sent again.
        def kept_out(says)
          return show(Said.new("Not now", says)) unless htmx?

          content_type "text/plain"
          says
        end

        # Says that something failed, and no more: the trace is for whoever runs the server.
        def fail_plainly
          status 500
          show Said.new("Failed", "Something here failed. What was saved before is still there; whether the last " \
            "step was, a look at its page tells.")
        end
      end
    end
  end
end
