# frozen_string_literal: true

require "sinatra/base"

module YellowTrack
  module Web
    # The application on one database. Its routes stand in web/routes, each page's
    # screen and templates in its own folder.
    class App < Sinatra::Base
      POLICY = {
        "default-src" => "'self'", "img-src" => "'self' data:", "object-src" => "'none'", "base-uri" => "'none'",
        "form-action" => "'self'", "frame-ancestors" => "'none'"
      }.map { |name, value| "#{name} #{value}" }.join("; ").freeze

      HOSTS = %w[127.0.0.1 localhost].freeze
      STALE = "This page was open too long to save from. Load it again; what you typed is still in the field."

      set :environment, :production
      set :public_folder, "#{ROOT}/web/public"
      set :static_cache_control, [:public, {max_age: 3600}]
      set :host_authorization, permitted_hosts: HOSTS + ENV.fetch("YELLOW_TRACK_HOSTS", "").split(",")
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, true
      set :sessions, same_site: :strict, httponly: true, key: "yellow-track"

      use Rack::Deflater
      use Door
      use Rack::Protection::AuthenticityToken, message: STALE

      helpers Asking
      register Routes::Wall, Routes::WholeJobs, Routes::Jobs, Routes::Openings, Routes::Stages, Routes::Values,
        Routes::Files, Routes::Cuts, Routes::Saw, Routes::Papers, Routes::Tape, Routes::Prices, Routes::Hanging,
        Routes::Bench, Routes::Log, Routes::Overrides, Routes::Rules, Routes::Built, Routes::Kits, Routes::Service,
        Routes::Visits, Routes::CrewVisits, Routes::HandOver,
        Routes::Backups

      # The application on a book, with the secret its sessions are signed
      # with.
      #
      # @param book [Store::Book]
      # @return [Class] a Rack application
      def self.on(book, secret:)
        Class.new(self) do
          set :book, book
          set :session_secret, secret
        end
      end

      before do
        book.there!
        headers "content-security-policy" => POLICY, "referrer-policy" => "same-origin", "cache-control" => "no-store"
        params.replace(Door.clean(params)) if params.any?
      end

      # What the database cannot do is a sentence, for who reads the server's words too.
      def dump_errors!(boom)
        says = Store::Trouble.says(boom)
        says ? warn("Yellow Track: #{says}") : super
      end

      not_found do
        show Said.new("Nothing hangs here.", "The address names a job or an opening that is not in this book.")
      end

      error(Sinatra::BadRequest, ArgumentError, TypeError, Encoding::CompatibilityError) do
        status 400
        show Said.new("Not read", Door::READ)
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

        def fail_plainly
          status 500
          show Said.new("Failed", "Something here failed. What was saved before is still there; whether the last " \
            "step was, a look at its page tells.")
        end
      end
    end
  end
end
