# frozen_string_literal: true

require "securerandom"

module YellowTrack
  module Web
    module Papers
      # The papers of an opening or a job while they are made, and for a while
      # after: a pack of sixty openings takes seconds, so it is made beside the
      # request, which says how far it has come.
      class Paperwork
        KEPT = 16

        @making = {}
        @lock = Mutex.new

        class << self
          # Begins a pack.
          #
          # @yield what makes it, given the paperwork to tell how far it is
          # @return [String] by which it is asked for again
          def begin(total, name, &work)
            paperwork = new(total, name)
            key = SecureRandom.hex(8)
            @lock.synchronize do
              @making[key] = paperwork
              @making.shift while @making.length > KEPT
            end
            Thread.new { paperwork.make(&work) }
            key
          end

          # @return [Paperwork, nil]
          def [](key) = @lock.synchronize { @making[key] }
        end

        # @return [Integer] openings in it, and those that are done
        attr_reader :total, :done
        # @return [String] of the file
        attr_reader :name
        # @return [String, nil] PDF, once it is made
        attr_reader :pdf
        # @return [String, nil] what went wrong
        attr_reader :failed

        # @param total [Integer] of its pages; name of the file
        def initialize(total, name)
          @total = total
          @name = name
          @done = 0
        end

        # Makes it, and counts pages as they come.
        def make
          @pdf = yield ->(done) { @done = done }
        rescue => e
          warn "#{e.class}: #{e.message}", *e.backtrace.first(5)
          @failed = "The papers could not be made. Nothing that was saved is lost."
        end

        # Whether it is still being made.
        def going? = pdf.nil? && failed.nil?
      end
    end
  end
end
