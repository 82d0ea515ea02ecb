# frozen_string_literal: true

require "fileutils"
require "json"
require "yaml"

module YellowTrack
  module Demo
    # Loads the demo job, kept as opening files, into a database of its own.
    class Loader
      # @param path [String] of the database file
      def initialize(path)
        @path = path
      end

      # @param reset [Boolean] starts it afresh
      def load(reset: false)
        FileUtils.rm_f(Dir["#{@path}{,-wal,-shm}"]) if reset
        book = Store::Book.open(@path)
        fill(book) if book.jobs.all.empty?
        let_in(book)
      ensure
        book&.close
      end

      # What the firm is.
      FIRM = YAML.safe_load_file("#{ROOT}/demo/firm.yml").freeze

      # Who is signed in where the demo signs in by itself.
      SIGNED_IN = FIRM["people"].keys.first

      # Puts the demo's firm and jobs into a book, what stands at its saw, and its board.
      def fill(book)
        let_in(book)
        YAML.safe_load_file("#{ROOT}/demo/jobs.yml").each { |job| job(book, job) }
        stock(book, YAML.safe_load_file("#{ROOT}/demo/saw.yml"))
        FIRM["words"].each { |key, text| Desk::HouseWords.keep(book, key, text) }
        board(book)
        offer(book, FIRM["offered"])
      end

      private

      def job(book, told)
        id = book.jobs.add(name: told["name"], place: told["place"], units: told["units"]).id
        told["openings"].each { |opening| hang(book, id, opening) }
        (told["served"] || []).each { |door| serve(book, id, door) }
        book.customers.set(id, told["customer"])
        promised = told["terms"]["promised"]
        book.job_terms.set(id, travel: told["terms"]["travel"], by: promised && (Date.today + promised).iso8601)
      end

      # Its people, without a password: nobody comes in as one of them but by itself.
      def let_in(book)
        return unless book.accounts.firm.nil?

        book.accounts.found(FIRM["name"])
        FIRM["people"].each { |name, role| book.accounts.named(name) || book.accounts.add(name, role:) }
        FIRM["crews"].each do |name, people|
          crew = book.crews.add(name)
          people.each { |one| book.crews.put(one, crew.id, since: Date.today - 60) }
        end
      end

      # The board as it is kept, and what a customer was told of it.
      def board(book)
        jobs = book.jobs.all.to_h { |job| [job.name, job.id] }
        FIRM["roads"].each { |road| book.job_terms.road(*jobs.values_at(*road["between"]), road["minutes"]) }
        firm = Desk::FirmBoard.new(book)
        firm.keep!(seen: 0, who: FIRM["kept_by"])
        tell(book, Desk::FirmBoard::Shown.new(book, firm.kept.plan, firm:), jobs.fetch(FIRM["told"]["job"]))
      end

      # An offer that is out, another way of an opening beside it.
      def offer(book, told)
        job = Desk::Job.new(book, book.jobs.all.find { |one| one.name == told["job"] })
        offering = Desk::Offering.new(job)
        ways = offering.ways(told["option"]).first(1).map { |way| "#{told["option"]} #{way.key}" }
        offering.make!({**told.slice("discount", "without"), "option" => ways}, who: told["by"])
      end

      def tell(book, shown, job_id)
        visit = shown.visits.find { |one| one.job_id == job_id && one.date > Date.today.iso8601 } or return
        said = {"arrive" => visit.visit["arrive"], "depart" => visit.visit["depart"], "crew" => visit.crew,
                "people" => visit.people}
        book.told_visits.tell(job_id, visit.date, said:, who: FIRM["told"]["by"])
      end

      def hang(book, job_id, opening)
        document = Store::Document.parse(File.read("#{ROOT}/demo/#{opening["file"]}"))
        row = Store::Clock.during(Past.surveyed(opening)) { add(book, job_id, document, opening) }
        Past.new(book, row).tell(opening)
      end

      # A door that others hung: what is said of it.
      def serve(book, job_id, door)
        row = Desk::Job.new(book, book.jobs.find(job_id)).serve(door["name"], door["family"], who: door["by"])
        door["said"].each do |key, value|
          book.openings.change(row.id, key, value, seen: nil, who: door["by"], listing: Desk::Listing.of(book))
        end
      end

      def add(book, job_id, document, opening)
        book.openings.add(job_id:, document:, stage: opening["stage"], letter: opening["letter"],
          &Desk::Listing.of(book))
      end

      # Bars and what they cost, offcuts in the rack, prices.
      def stock(book, told)
        told["bars"].each do |material, lengths|
          lengths.each { |mm, price| book.saw.stock(material, Rational(mm.to_s), Rational(price.to_s)) }
        end
        told["offcuts"].each { |material, lengths| lengths.each { |mm| book.saw.keep(material, Rational(mm.to_s)) } }
        Desk::HouseWords.keep(book, Desk::HouseWords::CURRENCY, told["currency"])
        told["prices"].each { |key, amount| book.prices.set(key, Rational(amount.to_s)) }
      end
    end
  end
end
