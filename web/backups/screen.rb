# frozen_string_literal: true

module YellowTrack
  module Web
    module Backups
      # When the last good backup was made, and those that are kept.
      class Screen < Web::Screen
        # The template that it is drawn with.
        def template = "backups/page"

        # What stands in the window's own line.
        def title = "Backups"

        # @return [Array<Store::Backups::Made>] the latest first
        def all = @all ||= backups.all

        # The last backup; nil for none.
        def last = all.first

        # Whether the last one is older than a day.
        def late? = backups.late?

        # Where backups are kept.
        def folder = backups.folder

        # @return [Store::Mirror::Standing]
        def mirror = @mirror ||= Store::Mirror::Standing.new(book.file)

        # Why the last one failed; nil where it did not.
        def failure = backups.failure

        # Whether one was made by the press before.
        def made? = params.key?("made")

        # A moment with its year: "3 March 2027, 06:00".
        def told(time) = time.strftime("%-d %B %Y, %H:%M")

        private

        def backups = @backups ||= Store::Backups.new(book.file)
      end
    end
  end
end
