# frozen_string_literal: true

require "digest"

module YellowTrack
  module Web
    # A form that is sent twice is done once: by what it was printed with, and what was in it.
    module Once
      NUMBER = /\A[0-9a-f-]{36}\z/
      TRIES, NAP = 100, 0.1 # while the first of two is under way

      # Goes on to where the first went, where it is the second.
      def once
        number = params.delete("once").to_s
        return if htmx? || !request.post? || !NUMBER.match?(number)

        uid = Digest::SHA256.hexdigest([number, request.path_info, what_was_sent.inspect].join("\0"))
        went = first_went { book.once.taken(uid, account.id) }
        return @once = uid if went.nil?

        redirect(went.empty? ? request.referer || Paths.wall : went, 303)
      end

      # Keeps where it went on to; what was refused may be sent again.
      def once_over
        return unless @once

        book.once.done(@once, (response.location if response.status == 303))
      rescue Sequel::DatabaseError, Store::Trouble::Gone
        nil # said already; it may be sent again
      end

      private

      # What was in it; a file by its name and length.
      def what_was_sent
        params.except("authenticity_token", "pass").transform_values do |value|
          file = value[:tempfile] if value.is_a?(Hash)
          file ? [value[:filename], file.size] : value
        end.to_a
      end

      # What came of it, once that is known.
      def first_went
        TRIES.times do
          went = yield
          return went unless went == ""

          sleep NAP
        end
        ""
      end
    end
  end
end
