# frozen_string_literal: true

module YellowTrack
  module Web
    # What every answer says to the browser that shows it.
    class Headers
      POLICY = {
        "default-src" => "'self'", "img-src" => "'self' data:", "object-src" => "'none'", "base-uri" => "'none'",
        "form-action" => "'self'", "frame-ancestors" => "'none'"
      }.map { |name, value| "#{name} #{value}" }.join("; ").freeze
      ALWAYS = {"content-security-policy" => POLICY, "referrer-policy" => "same-origin", "x-frame-options" => "DENY",
                "x-content-type-options" => "nosniff", "cross-origin-opener-policy" => "same-origin",
                "permissions-policy" => "geolocation=(), microphone=(), payment=()"}.freeze
      YEAR = {"strict-transport-security" => "max-age=31536000"}.freeze

      # @param app [#call]
      # @param tls [Boolean] whether browsers come by TLS, through a proxy
      def initialize(app, tls: false)
        @app, @tls = app, tls
      end

      # What goes through a proxy with TLS came by TLS, whatever the proxy says of it.
      def call(env)
        env["HTTPS"] = "on" if @tls
        status, headers, body = @app.call(env)
        [status, {"cache-control" => "no-store", **headers, **ALWAYS, **(@tls ? YEAR : {})}, body]
      end
    end
  end
end
