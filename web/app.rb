# frozen_string_literal: true

require "erubi"
require "sinatra/base"

module YellowTrack
  module Web
    # The application on one database. Routes stand by screen, in web/routes.
    class App < Sinatra::Base
      POLICY = {
        "default-src" => "'self'", "img-src" => "'self' data:", "object-src" => "'none'", "base-uri" => "'none'",
        "form-action" => "'self'", "frame-ancestors" => "'none'"
      }.map { |name, value| "#{name} #{value}" }.join("; ").freeze

      HOSTS = %w[127.0.0.1 localhost].freeze

      set :root, "#{ROOT}/web"
      set :environment, :production
      set :erb, escape_html: true
      set :views, "#{ROOT}/web/views"
      set :public_folder, "#{ROOT}/web/public"
      set :static_cache_control, [:public, {max_age: 3600}]
      set :host_authorization, permitted_hosts: HOSTS + ENV.fetch("YELLOW_TRACK_HOSTS", "").split(",")
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, true
      set :sessions, same_site: :strict, httponly: true, key: "yellow-track"

      use Rack::Protection::AuthenticityToken,
        message: "This page was open too long to save from. Load it again; what you typed is still in the field."

      helpers Helpers::Numbers, Helpers::Page, Helpers::Stages, Helpers::Tally, Helpers::Prepare, Helpers::Hanging, Helpers::Adjusting, Helpers::Logbook, Helpers::Crew
      register Routes::Wall, Routes::Jobs, Routes::Files, Routes::Saw, Routes::Papers, Routes::Price, Routes::Crew, Routes::Hanging, Routes::Adjusting, Routes::Logbook, Routes::Openings, Routes::Keeping, Routes::Overrides, Routes::Rules, Routes::Kits, Routes::Search

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

      helpers do
        def book = settings.book
      end

      before { headers "content-security-policy" => POLICY, "referrer-policy" => "same-origin", "cache-control" => "no-store" }

      not_found do
        @title = "Not here"
        erb :not_found
      end

      error(Sinatra::BadRequest, ArgumentError) do
        status 400
        @title = "Not read"
        @says = "That could not be read. Nothing was changed."
        erb :failed
      end

      error do
        @title = "Failed"
        @says = "Something here failed. Nothing that was saved is lost. Go back and try the last step again."
        erb :failed
      end
    end
  end
end
