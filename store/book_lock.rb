# frozen_string_literal: true

require "fileutils"

module YellowTrack
  module Store
    # Who has a book: servers share it, what puts another file in its place has it alone.
    module BookLock
      module_function

      # Held as long as the file that it gives is open.
      #
      # @return [File]
      def shared(database)
        lock(database).tap { |file| file.flock(File::LOCK_SH) }
      end

      # @raise [Fault] while a server has it
      def alone(database)
        file = lock(database)
        unless file.flock(File::LOCK_EX | File::LOCK_NB)
          raise Fault.new("A server has \"#{database}\" open. Stop it first; nothing was touched.", key: "file")
        end

        yield
      ensure
        file&.close
      end

      # The file that whoever has the book holds.
      def lock(database)
        FileUtils.mkdir_p(File.dirname(database), mode: 0o700)
        File.open("#{database}.serving", File::RDWR | File::CREAT, 0o600)
      end
    end
  end
end
