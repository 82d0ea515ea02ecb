# frozen_string_literal: true

module YellowTrack
  module Web
    # What each role may. A fitter may all; whoever is signed in may read, but for the
    # firm's own pages; what is sent is let through only where it is named here.
    module Rights
      ID = '\d{1,9}'
      OWN = %r{\A/(account|practice(?!/crew))(/.*)?\z} # one's own account and practice, not the crew's
      FIRM = %r{\A/(crew|backups)(/.*)?\z} # the firm's: not a learner's to read
      JOB = %w[bin bring-back name doors file openings offers papers price service visits visits/steps]
      OPENING = %w[bin bring-back cures earlier later copy name notes papers set remarks corrections pictures]
      OFFICE = Regexp.union(
        %r{\A/jobs(/archive)?\z}, %r{\A/jobs/#{ID}/(#{Regexp.union(JOB)})\z}, %r{\A/openings/#{ID}/(#{Regexp
          .union(OPENING)})\z}, %r{\A/visits/(feed|hours)\z}, %r{\A/rack/stock\z},
        %r{\A/along(/decide|/pictures|/times)?\z}, FIRM
      )
      VALUES = %r{\A/openings/#{ID}/values\z}
      TYPED = /\A(survey|set)\./ # values that the office may type: readings and the set

      # What a form sends its value at.
      KEY = /name="key" value="([^"]*)"/
      FORM = %r{<form\b[^>]*method="post"[^>]*>.*?</form>}m
      PARTS = /<(button|input(?![^>]*type="hidden")|select|textarea)\b/

      module_function

      # @param role [String]
      # @param verb [String] of the request
      # @param path [String]
      # @param key [String, nil] of a value that is sent
      def may?(role, verb, path, key: nil)
        return true if role == "fitter" || OWN.match?(path)
        return role == "office" || !FIRM.match?(path) if %w[GET HEAD].include?(verb)

        role == "office" && (OFFICE.match?(path) || (VALUES.match?(path) && TYPED.match?(key.to_s)))
      end

      # The roles that someone may ask in, and look after.
      def below(role) = {"fitter" => Store::Accounts::ROLES, "office" => %w[office learner]}.fetch(role, [])

      # A page as it is for a role: a form that he may not send stands there, and cannot
      # be pressed.
      #
      # @return [String] HTML
      def shown(html, role)
        return html if role.nil? || role == "fitter"

        html.gsub(FORM) do |form|
          may?(role, "POST", form[/action="([^"?#]*)/, 1].to_s, key: form[KEY, 1]) ? form : form.gsub(PARTS,
            '<\1 disabled')
        end
      end

      # Why something was not done.
      def says(role)
        {"learner" => "You are here as a learner: you read, and practise. A fitter does this.",
         "office" => "You are here for the office: jobs, visits, prices and offers. A fitter does this."}.fetch(role)
      end
    end
  end
end
