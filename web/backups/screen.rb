# frozen_string_literal: true

module YellowTrack
  module Web
    module Backups
      # When the last good backup was made, and those that are kept.
      class Screen < Web::Screen
        def template = "backups/page"

        def title = "Backups"

        # @return [Array<Store::Backups::Made>] the latest first
        def all = @all ||= backups.all

        def last = all.first

        def late? = backups.late?

        def folder = backups.folder

        # @return [Store::Mirror::Standing]
        def mirror = @mirror ||= Store::Mirror::Standing.new(book.file)

        # Why the last one failed; nil where it did not.
        def failure = backups.failure

        def made? = params.key?("made")

        def told(time) = time.strftime("%-d %B %Y, %H:%M")

        private

        def backups = @backups ||= Store::Backups.new(book.file)
      end
    end
  end
end
