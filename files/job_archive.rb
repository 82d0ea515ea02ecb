# frozen_string_literal: true

require "digest"
require "json"
require "zip"

module YellowTrack
  module Files
    # A job as one ZIP: a manifest with the length and sum of every file, and the files.
    # What is read is looked at whole before any of it counts: names that are none of
    # ours, links, too much of anything, sums that differ, files that are missing.
    class JobArchive
      FORMAT = {"format" => "yellow-track/job-archive", "version" => 1}.freeze
      MANIFEST = "manifest.json"
      NAMES = %r{\A(?:(?:job|log|visits|offers)\.json|openings/[A-Z]{1,3}\.json|kits/[A-Za-z0-9_-]{1,60}\.json|
        pictures/\d{1,12}(?:\.small)?\.(?:jpeg|png|webp))\z}x
      MOST_FILES = 20_000
      MOST_BYTES = 400 * 1024 * 1024 # of all files, unpacked
      MOST_EACH = 64 * 1024 * 1024
      NESTING = 40

      # @param files [Hash{String => String}] bytes by name
      # @return [String] the ZIP
      def self.pack(files)
        manifest = FORMAT.merge("files" => files.map { |path, bytes|
          {"path" => path, "bytes" => bytes.bytesize, "sha256" => Digest::SHA256.hexdigest(bytes)}
        })
        Zip::OutputStream.write_buffer { |zip|
          put(zip, MANIFEST, JSON.pretty_generate(manifest))
          files.each { |path, bytes| put(zip, path, bytes) }
        }.string
      end

      # A picture is packed already.
      def self.put(zip, path, bytes)
        stored = path.start_with?("pictures/")
        zip.put_next_entry(path, nil, nil, stored ? Zip::Entry::STORED : Zip::Entry::DEFLATED)
        zip.write(bytes)
      end
      private_class_method :put

      # @param path [String] of a ZIP
      # @return [Hash{String => String}] bytes by name, without the manifest
      # @raise [Fault] what is wrong with it: none of it counts
      def self.unpack(path) = new(path).files

      # @param path [String]
      def initialize(path)
        @path = path
      end

      # @return [Hash{String => String}]
      # @raise [Fault]
      def files
        Zip::File.open(@path) do |zip|
          entries = zip.entries
          refuse("It has #{entries.length} files; #{MOST_FILES} are the most.") if entries.length > MOST_FILES
          entries.each { |entry| look(entry) }
          named_once(entries)
          whole(read(entries))
        end
      rescue Zip::Error, Zlib::Error, EOFError, ArgumentError
        refuse("It is no whole ZIP.")
      end

      private

      def refuse(words)
        raise Fault.new("#{words} Nothing of it was read in. Choose a job as Yellow Track saves it.", key: "file")
      end

      # An entry's name and size are asked before any of it is unpacked: what a ZIP says of itself may be made up.
      def look(entry)
        name = entry.name.dup.force_encoding(Encoding::UTF_8).scrub("?")
        refuse("\"#{name[0, 80]}\" is no file of a job.") unless name == MANIFEST || NAMES.match?(name)
        refuse("\"#{name}\" is a link or a folder, no file.") unless entry.ftype == :file
        refuse("\"#{name}\" is encrypted.") if entry.encrypted?
        refuse("\"#{name}\" has #{entry.size} bytes; #{MOST_EACH} are the most.") if entry.size > MOST_EACH
      end

      # Two of one name would be taken one over the other; and all of it together has to have room.
      def named_once(entries)
        twice = entries.map(&:name).tally.find { |_, times| times > 1 }
        refuse("\"#{twice.first}\" is in it twice.") if twice
        total = entries.sum(&:size)
        refuse("Unpacked it has #{total} bytes; #{MOST_BYTES} are the most.") if total > MOST_BYTES
      end

      # What a file says of its length is not believed: what comes out is counted.
      def read(entries)
        left = MOST_BYTES
        entries.to_h do |entry|
          bytes = entry.get_input_stream { |stream| stream.read([MOST_EACH, left].min + 1) }.to_s
          left -= bytes.bytesize
          refuse("\"#{entry.name}\" unpacks to more than it says.") if left.negative? || bytes.bytesize != entry.size
          [entry.name, bytes]
        end
      end

      # Every file as the manifest has it, and none beside.
      def whole(files)
        manifest = JSON.parse(files.delete(MANIFEST) || refuse("It has no #{MANIFEST}."), max_nesting: NESTING)
        listed = listed(manifest)
        missing, more = listed.keys - files.keys, files.keys - listed.keys
        refuse("\"#{missing.first}\" is missing.") if missing.any?
        refuse("\"#{more.first}\" is not in its manifest.") if more.any?
        wrong = files.find { |path, bytes| listed[path] != [bytes.bytesize, Digest::SHA256.hexdigest(bytes)] }
        refuse("\"#{wrong.first}\" is not as it was saved: its sum differs.") if wrong
        files
      rescue JSON::ParserError
        refuse("Its #{MANIFEST} is no JSON.")
      end

      # What the manifest says is in it: size and sum of each file, by its path.
      def listed(manifest)
        list = manifest["files"] if manifest.is_a?(Hash) && manifest.slice("format", "version") == FORMAT
        unless list.is_a?(Array) && list.all? { |one| one.is_a?(Hash) && one["path"].is_a?(String) }
          refuse("It is no archive of a job.")
        end

        list.to_h { |one| [one["path"], one.values_at("bytes", "sha256")] }
      end
    end
  end
end
