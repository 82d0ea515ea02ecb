# frozen_string_literal: true

module YellowTrack
  module Web
    module Routes
      # Backups: looked at, and made now.
      module Backups
        # Its routes, and what they share.
        def self.registered(app)
          app.reads("/backups", by: :office) { show Web::Backups::Screen.new(book, **asked) }
          app.takes("/backups", by: :office) do
            refusing(->(fault) { Web::Backups::Screen.new(book, **asked, fault:) }) do
              Store::Backups.new(book.file).make
              to_page Paths.backups(made: 1)
            end
          end
        end
      end
    end
  end
end
