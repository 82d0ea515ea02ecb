# frozen_string_literal: true

require "mini_magick"
require "tmpdir"

module YellowTrack
  module Web
    module Log
      # A picture from a phone, made fit to keep: turned the way it was held, what
      # else the file told (places among it) taken out, with a small one beside it.
      module PictureFile
        MOST_BYTES = 12 * 1024 * 1024
        SECONDS = 20 # that a picture may take
        WAITING = 2 # pictures that may wait for the one in hand
        MOST_DOTS = 80_000_000
        LARGE = 2400 # dots a side, at most
        SMALL = 320

        # What a file of each kind begins with.
        KINDS = {
          "image/jpeg" => [/\A\xFF\xD8\xFF/n, "jpeg"],
          "image/png" => [/\A\x89PNG\r\n\x1A\n/n, "png"],
          "image/webp" => [/\ARIFF.{4}WEBP/mn, "webp"]
        }.freeze

        @one_at_a_time = Mutex.new
        @waiting = 0

        class << self
          # @param upload [Hash] as it was posted: filename and tempfile
          # @return [Store::Pictures::Picture] not kept yet
          # @raise [Fault]
          def read(upload)
            raise refused("No picture was chosen. Choose a JPEG, PNG or WebP file.") unless upload

            name, file = upload[:filename].to_s[0, 60], upload[:tempfile]
            if file.size > MOST_BYTES
              raise refused("\"#{name}\" has #{(file.size / 1024.0 / 1024).round(1)} MB. A picture takes 12 MB at " \
                "most.")
            end

            type, format = kind_of(File.binread(file.path, 16) || "")
            raise refused("\"#{name}\" is no JPEG, PNG or WebP picture. Those are what it takes.") unless type
            raise broken(name) unless whole?(File.binread(file.path), format)

            in_turn { made(file.path, type, format) }
          rescue MiniMagick::Error, MiniMagick::Invalid => e
            raise told(e, name)
          end

          # A picture for paper, which knows no WebP.
          #
          # @param picture [Store::Pictures::Picture]
          # @return [String] JPEG
          def as_jpeg(picture)
            return picture.data if picture.type == "image/jpeg"

            Dir.mktmpdir do |folder|
              _, format = KINDS.fetch(picture.type)
              File.binwrite("#{folder}/kept", picture.data)
              File.binread(sized("#{format}:#{folder}/kept", "#{folder}/paper", "jpeg", most: LARGE))
            end
          end

          private

          def refused(says) = Fault.new(says, key: "picture")

          def broken(name)
            refused("\"#{name}\" cannot be read: the file is broken or not whole. Take the picture again.")
          end

          def told(error, name)
            return refused("Pictures need ImageMagick, which is not on this machine. bin/setup installs it.") if error
              .message.include?("executable not found")
            return refused("\"#{name}\" takes too long to be made ready. Take it smaller.") if error.message
              .match?(/timed out|exhausted|exceeds limit/)

            broken(name)
          end

          def kind_of(start)
            KINDS.find { |_, (begins, _)| begins.match?(start) }&.then { |type, (_, format)| [type, format] }
          end

          # Whether a file goes to its end: what was cut off on its way would be half
          # a picture.
          def whole?(bytes, format)
            case format
            when "jpeg" then (bytes.rindex("\xFF\xD9".b) || 0) > (bytes.rindex("\xFF\xDA".b) || bytes.length)
            when "png" then bytes.include?("IEND".b)
            else bytes.length >= bytes[4, 4].unpack1("V") + 8
            end
          end

          # One at a time, few that wait: the rest of the application goes on.
          def in_turn
            raise refused("Other pictures are being made ready. Send it again in a moment.") if @waiting > WAITING

            @waiting += 1
            @one_at_a_time.synchronize { yield }
          ensure
            @waiting -= 1
          end

          def made(path, type, format)
            source = "#{format}:#{path}[0]"
            width, height = size(source)
            raise refused("A picture of #{width} × #{height} dots is too large. Take it smaller.") if width *
              height > MOST_DOTS

            Dir.mktmpdir do |folder|
              large, small = {"large" => LARGE, "small" => SMALL}.map do |name, most|
                sized(source, "#{folder}/#{name}", format, most:)
              end
              width, height = size("#{format}:#{large}")
              Store::Pictures::Picture.new(type:, width:, height:, data: File.binread(large),
                thumb: File.binread(small))
            end
          end

          # @return [Array<Integer>] width and height
          def size(source)
            MiniMagick.identify(timeout: SECONDS) { |tool| tool.merge!(["-ping", "-format", "%w %h", source]) }.split
              .map(&:to_i)
          end

          def sized(source, target, format, most:)
            MiniMagick.convert(timeout: SECONDS) do |tool|
              tool.merge!(["-limit", "thread", "1", source, "-auto-orient", "-strip", "-resize", "#{most}x#{most}>",
                "-quality", "85", "#{format}:#{target}"])
            end
            target
          end
        end
      end
    end
  end
end
