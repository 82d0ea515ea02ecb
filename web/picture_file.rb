# frozen_string_literal: true

require "mini_magick"
require "tmpdir"

module YellowTrack
  module Web
    # A picture from a phone, made fit to keep: turned the way it was held, what
    # else the file told (places among it) taken out, with a small one beside it.
    module PictureFile
      MOST_BYTES = 12 * 1024 * 1024
      MOST_DOTS = 80_000_000
      LARGE = 2400 # dots a side, at most
      SMALL = 320

      # What a file of each kind begins with.
      KINDS = {
        "image/jpeg" => [/\A\xFF\xD8\xFF/n, "jpeg"],
        "image/png" => [/\A\x89PNG\r\n\x1A\n/n, "png"],
        "image/webp" => [/\ARIFF.{4}WEBP/mn, "webp"]
      }.freeze

      module_function

      # @param upload [Hash] as it was posted: filename and tempfile
      # @return [Store::Pictures::Picture] not kept yet
      # @raise [Fault]
      def read(upload)
        raise refused("No picture was chosen. Choose a JPEG, PNG or WebP file.") unless upload.is_a?(Hash) && upload[:tempfile]

        name, file = upload[:filename].to_s.scrub("?")[0, 60], upload[:tempfile]
        raise refused("\"#{name}\" has #{(file.size / 1024.0 / 1024).round(1)} MB. A picture takes 12 MB at most.") if file.size > MOST_BYTES

        type, format = kind_of(File.binread(file.path, 16) || "")
        raise refused("\"#{name}\" is no JPEG, PNG or WebP picture. Those are what it takes.") unless type

        made(file.path, type, format)
      rescue MiniMagick::Error, MiniMagick::Invalid
        raise refused("\"#{name}\" cannot be read: the file is broken or not whole. Take the picture again.")
      end

      def refused(says) = Fault.new(says, key: "picture")

      def kind_of(start) = KINDS.find { |_, (begins, _)| begins.match?(start) }&.then { |type, (_, format)| [type, format] }

      def made(path, type, format)
        source = "#{format}:#{path}[0]"
        width, height = size(source)
        raise refused("A picture of #{width} × #{height} dots is too large. Take it smaller.") if width * height > MOST_DOTS

        Dir.mktmpdir do |folder|
          large, small = {"large" => LARGE, "small" => SMALL}.map { |name, most| sized(source, "#{folder}/#{name}", format, most) }
          width, height = size("#{format}:#{large}")
          Store::Pictures::Picture.new(type:, width:, height:, data: File.binread(large), thumb: File.binread(small))
        end
      end

      # @return [Array<Integer>] width and height
      def size(source) = MiniMagick.identify { |tool| tool.merge!(["-ping", "-format", "%w %h", source]) }.split.map(&:to_i)

      def sized(source, target, format, most)
        MiniMagick.convert { |tool| tool.merge!([source, "-auto-orient", "-strip", "-resize", "#{most}x#{most}>", "-quality", "85", "#{format}:#{target}"]) }
        target
      end
    end
  end
end
