# frozen_string_literal: true

require "json"
require "securerandom"

module YellowTrack
  module Desk
    # A whole job as one file, and back: openings, kits, log, pictures, visits, offers.
    module JobFile
      FORMAT = {"format" => "yellow-track/job", "version" => 1}.freeze
      # What each file holds of the rows, beside the openings and the pictures.
      PARTS = {"job.json" => %w[job rows cuts pictures drafts dues customer terms told], "log.json" => %w[log],
               "visits.json" => %w[plans], "offers.json" => %w[offers]}.freeze
      TYPES = {"image/jpeg" => "jpeg", "image/png" => "png", "image/webp" => "webp"}.freeze
      NESTING = 40

      # A job that is on this machine already.
      class Here < Fault
        # @return [Store::Jobs::Job]
        attr_reader :job

        # @param job [Job] to pack
        def initialize(job)
          @job = job
          super("This job is here already: \"#{job.name}\"#{" in the bin" if job.binned_at}. It is not read in twice " \
            "unless you say so.", key: "file")
        end
      end

      module_function

      # @param job [Job]
      # @return [String] a ZIP
      def pack(job)
        rows = job.book.archive.rows(job.id)
        told = rows.merge("rows" => rows["openings"].map { |row| row.except("document") })
        files = PARTS.to_h { |path, parts| [path, json(FORMAT.merge(told.slice(*parts)))] }
        rows["openings"].each { |row| files["openings/#{row["letter"]}.json"] = json(row["document"]) }
        files.merge!(kits(job), pictures(job, rows["pictures"]))
        Files::JobArchive.pack(files)
      end

      # Reads a job in as it was saved: numbers of rows are new, nothing else changes.
      #
      # @param book [Store::Book]
      # @param path [String] of a ZIP
      # @param again [Boolean] beside the one that is here already
      # @param fitter [Boolean] whether a fitter reads it in, who may bring what hangs
      # @return [Integer] the job's number here
      # @raise [Here] for one that is here already
      # @raise [Fault, Faults] what is wrong with it: nothing was read in
      def read_in(book, path, again: false, fitter: true)
        files = Files::JobArchive.unpack(path)
        rows = rows_of(files)
        FittersOwn.refuse(not_the_offices(rows)) unless fitter
        here = book.archive.known(rows["job"]["uid"])
        raise Here.new(here) if here && !again

        book.transaction do
          keep_kits(book, files)
          book.archive.read_in(by_the_file(rows).merge("job" => rows["job"].except("uid")),
            uid: here ? SecureRandom.hex(16) : rows["job"]["uid"]) { |row| bytes_of(files, row) }
        end
      end

      BY_THE_FILE = " (by the file)"

      # Who did what, as the file tells it: none of our accounts says so.
      def by_the_file(rows)
        rows.merge(%w[log plans offers told].to_h { |part|
          [part, (rows[part] || []).map { |row|
            row.merge("who" => "#{row["who"].delete_suffix(BY_THE_FILE)}#{BY_THE_FILE}")
          }]
        })
      end

      # What of it only a fitter writes; nil for nothing.
      def not_the_offices(rows)
        rows["openings"].filter_map { |row| FittersOwn.in_document(row["document"]) }.first ||
          rows["log"].filter_map { |row| FittersOwn.in_entry(row) }.first || ("cuts" if rows["cuts"].any?)
      end

      # Every entry of the log is what one of its kind is.
      def whole(rows)
        bad = rows["log"].find { |row|
          !Store::Shape.whole?(*row.values_at("kind", "key", "after"), before: row["before"])
        } or return
        raise Fault.new("log.json: the entry #{bad["id"]} is no \"#{bad["kind"]}\" as Yellow Track writes it. " \
          "Nothing was read in.", key: "file")
      end

      # A file as a person can read it.
      def json(value) = JSON.pretty_generate(value)

      # Its kits as files.
      def kits(job)
        job.openings.map(&:kit).uniq(&:id).to_h { |kit| ["kits/#{kit.id}.json", json(Numbers.rounded(kit.to_h))] }
      end

      # Its pictures as files.
      def pictures(job, rows)
        rows.flat_map { |row|
          name = picture_name(row)
          [["#{name.first}.#{name.last}", job.book.archive.picture(row["id"], :data)],
            ["#{name.first}.small.#{name.last}", job.book.archive.picture(row["id"], :thumb)]]
        }.to_h
      end

      # A picture's file: its name and its kind.
      def picture_name(row) = ["pictures/#{row["id"]}", TYPES.fetch(row["type"])]

      # A picture as it stands in the file.
      def bytes_of(files, row)
        name, type = picture_name(row)
        [files["#{name}.#{type}"], files["#{name}.small.#{type}"]].each do |bytes|
          raise Fault.new("The picture #{row["id"]} is missing. Nothing was read in.", key: "file") unless bytes
        end
      end

      # The rows of all files, checked.
      def rows_of(files)
        told = PARTS.keys.reduce({}) { |all, path| all.merge(part(files, path)) }
        openings = told.delete("rows").map { |row| row.merge("document" => document(files, row["letter"])) }
        rows = told.merge("openings" => openings)
        agree(rows)
        whole(rows)
        rows
      end

      # A part of the file; raises a Fault where it is missing.
      def part(files, path)
        raise Fault.new("\"#{path}\" is missing. Nothing was read in.", key: "file") unless files.key?(path)

        read = parsed(files, path)
        _, faults = Files::Shelf.schema("job").read(read)
        raise Faults.new(faults.map { |fault| Fault.new(fault.words, key: "#{path}: #{fault.key}") }) if faults.any?

        lacking = PARTS.fetch(path).find { |name| read[name].nil? }
        raise Fault.new("\"#{path}\" has no \"#{lacking}\". Nothing was read in.", key: "file") if lacking

        read.slice(*PARTS.fetch(path))
      end

      # An opening of the file.
      def document(files, letter)
        path = "openings/#{letter}.json"
        raise Fault.new("\"#{path}\" is missing. Nothing was read in.", key: "file") unless files.key?(path)

        parsed(files, path).tap { |document| Files::Shelf.opening(document) }
      rescue Faults => e
        raise Faults.new(e.list.map { |fault| Fault.new(fault.words, key: "#{path}: #{fault.key}") })
      end

      # A part as JSON; raises a Fault where it is none.
      def parsed(files, path)
        value = JSON.parse(files.fetch(path).dup.force_encoding(Encoding::UTF_8), max_nesting: NESTING)
        raise Fault.new("\"#{path}\" is no record. Nothing was read in.", key: "file") unless value.is_a?(Hash)

        value
      rescue JSON::ParserError, EncodingError
        raise Fault.new("\"#{path}\" is no JSON. Nothing was read in.", key: "file")
      end

      # Every row tells of an opening that is there, each letter once.
      def agree(rows)
        letters = rows["openings"].map { |row| row["letter"] }
        twice = letters.tally.find { |_, times| times > 1 }
        raise Fault.new("The letter #{twice.first} is in it twice. Nothing was read in.", key: "file") if twice

        stray = rows.values_at("log", "cuts", "pictures", "drafts", "dues").flatten
          .find { |row| row["opening"] && !letters.include?(row["opening"]) }
        return unless stray

        raise Fault.new("It tells of an opening #{stray["opening"]} that is not in it. Nothing was read in.",
          key: "file")
      end

      # Kits of the fitter's own that are not here yet; one that is here stays as it is.
      def keep_kits(book, files)
        files.each_key do |path|
          id = path[%r{\Akits/(.+)\.json\z}, 1] or next
          next if id == Kit::UNKNOWN || Files::Shelf.kits.key?(id) || book.own_kits.sheet(id)

          sheet = parsed(files, path)
          book.own_kits.save(sheet.merge("id" => id)) if Files::Shelf.kit(sheet)
        end
      end
    end
  end
end
