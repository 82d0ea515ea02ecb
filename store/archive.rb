# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # All rows of a job as they are, to be written to a file and read in on another
    # machine: openings are told by their letters, so that no number of a row has to
    # last; entries of the log and pictures keep theirs to be told apart.
    class Archive
      OPENING = %i[letter name stage version created_at changed_at binned_at position notes].freeze
      ENTRY = %i[id version at who kind key].freeze
      CUT = %i[code planned as_cut at material].freeze
      PICTURE = %i[id type width height].freeze
      DRAFT = %i[key seen unit says clash].freeze
      PLAN = %i[version who at].freeze
      OFFER = %i[number made_on valid_until total who at].freeze
      DUE = %i[kind day].freeze
      TOLD = %i[day who at].freeze
      ANSWER = %i[answer day who at].freeze

      # @param db [Sequel::Database]
      def initialize(db)
        @db = db
      end

      # A job by what it is known by on every machine.
      #
      # @return [Jobs::Job, nil]
      def known(uid) = @db[:jobs].first(uid:)&.then { |row| Jobs::Job.new(**row) }

      # @param job_id [Integer]
      # @return [Hash] "job", "openings", "log", "cuts", "pictures", "drafts", "plans",
      #   "offers", "dues", "customer", "terms", "told"
      def rows(job_id)
        @letters = @db[:openings].where(job_id:).to_hash(:id, :letter)
        job = @db[:jobs].first(id: job_id)
        {"job" => named(job, %i[uid name place units created_at]), "openings" => openings(job_id),
         "log" => of_openings(:log_entries, ENTRY, :id, json: %i[before after]),
         "cuts" => of_openings(:cuts, CUT, [:opening_id, :code]), "pictures" => of_openings(:pictures, PICTURE, :id),
         "drafts" => of_openings(:drafts, DRAFT, [:opening_id, :key, :owner], json: %i[typed]),
         "plans" => plans(job_id), "offers" => offers(job_id), "dues" => dues(job_id),
         "customer" => Customers.new(@db).of(job_id).to_h.except(:job_id).transform_keys(&:name),
         "terms" => JobTerms.new(@db).of(job_id).to_h.slice(:by, :travel, :shut).transform_keys(&:name),
         "told" => of_job(:told_visits, TOLD, job_id, json: %i[said])}
      end

      # The bytes of a picture.
      #
      # @param column [:data, :thumb]
      # @return [String]
      def picture(id, column) = @db[:pictures].where(id:).get(column).to_s

      # Reads a job in, all of it or nothing.
      #
      # @param rows [Hash] as #rows gives them, checked
      # @param uid [String]
      # @yieldparam picture [Hash] of rows
      # @yieldreturn [Array(String, String)] its bytes, and the small one's
      # @return [Integer] the job's number here
      def read_in(rows, uid:, &bytes)
        @db.transaction do
          job_id = @db[:jobs].insert(**rows["job"].transform_keys(&:to_sym), uid:,
            position: (@db[:jobs].max(:position) || 0) + 1)
          @ids = rows["openings"].to_h { |row| [row["letter"], insert_opening(job_id, row)] }
          pictures = rows["pictures"].to_h { |row| [row["id"], insert_picture(row, *bytes.call(row))] }
          insert_log(rows["log"], pictures)
          insert_rest(rows, job_id)
          job_id
        end
      end

      private

      def named(row, columns) = columns.to_h { |name| [name.name, row[name]] }

      def parsed(row, columns) = columns.to_h { |name| [name.name, row[name] && JSON.parse(row[name])] }

      def openings(job_id)
        @db[:openings].where(job_id:).order(:position, :id).map do |row|
          {**named(row, OPENING), **parsed(row, %i[document items])}
        end
      end

      def of_openings(table, columns, order, json: [])
        @db[table].where(opening_id: @letters.keys).order(*order).select(:opening_id, *columns, *json).map do |row|
          {"opening" => @letters.fetch(row[:opening_id]), **named(row, columns), **parsed(row, json)}
        end
      end

      def of_job(table, columns, job_id, json:)
        @db[table].where(job_id:).order(:id).map { |row| {**named(row, columns), **parsed(row, json)} }
      end

      # Those that were kept, the one that is kept now last; each the job's own, off the firm's board.
      def plans(job_id)
        %i[plans_before plans].flat_map { |table| of_job(table, PLAN, job_id, json: Plans::JSONS) }
          .map { |row| row.merge("asked" => row["asked"].except("board")) }
      end

      # Each with whom it was made to and what became of it.
      def offers(job_id)
        ids, all = @db[:offers].where(job_id:).order(:id).select_map(:id), Offers.new(@db)
        of_job(:offers, OFFER, job_id, json: %i[told]).zip(ids).map do |row, id|
          answers = @db[:offer_answers].where(offer_id: id).order(:id).map { |one| named(one, ANSWER) }
          row.merge("customer" => all.customer(id), "answers" => answers)
        end
      end

      def dues(job_id)
        @db[:dues].where(job_id:).order(:id).map do |row|
          {"opening" => row[:opening_id] && @letters.fetch(row[:opening_id]), **named(row, DUE),
           **parsed(row, %i[says])}
        end
      end

      def insert_opening(job_id, row)
        document = Document.new(row["document"])
        @db[:openings].insert(job_id:, **row.slice(*OPENING.map(&:name)).transform_keys(&:to_sym),
          document: row["document"].to_json, items: row["items"].to_json, family: document["set.family"])
      end

      def insert_picture(row, data, thumb)
        @db[:pictures].insert(opening_id: @ids.fetch(row["opening"]), **row.slice("type", "width", "height")
          .transform_keys(&:to_sym), data: Sequel.blob(data), thumb: Sequel.blob(thumb))
      end

      # Entries that tell of other entries, or of pictures, tell of those here.
      def insert_log(entries, pictures)
        here = {}
        entries.each do |row|
          key, after = retold(row, here, pictures)
          here[row["id"]] = @db[:log_entries].insert(opening_id: @ids.fetch(row["opening"]), key:, after: after.to_json,
            before: row["before"].to_json, **row.slice("version", "at", "who", "kind").transform_keys(&:to_sym))
        end
      end

      def retold(row, here, pictures)
        number = row["key"][/\A(?:entry|picture)\.(\d+)\z/, 1]&.to_i
        case row["kind"]
        when "correction" then ["entry.#{here.fetch(number, number)}", row["after"]]
        when "picture"
          id = pictures.fetch(number, number)
          ["picture.#{id}", row["after"].merge("picture" => id)]
        else [row["key"], row["after"]]
        end
      end

      def insert_rest(rows, job_id)
        rows["cuts"].each { |row| insert(:cuts, row, CUT) }
        rows["drafts"].each { |row| insert(:drafts, row, DRAFT, owner: Drafts::ANYBODY, typed: row["typed"].to_json) }
        *before, now = rows["plans"]
        before.each { |row| insert_plan(:plans_before, row, job_id) }
        insert_plan(:plans, now, job_id) if now
        rows["offers"].each { |row| insert_offer(row, job_id) }
        insert_bindings(rows, job_id)
        rows["dues"].each do |row|
          insert_of_job(:dues, row, DUE, job_id:, opening_id: row["opening"] && @ids.fetch(row["opening"]),
            says: row["says"].to_json)
        end
      end

      def insert_offer(row, job_id)
        offer_id = insert_of_job(:offers, row, OFFER, job_id:, told: row["told"].to_json)
        customer = row["customer"] || {}
        @db[:offer_customers].insert(offer_id:, told: customer.to_json) if customer.any?
        (row["answers"] || []).each { |one| @db[:offer_answers].insert(offer_id:, **columns_of(one, ANSWER)) }
      end

      # Whom it is for, what it is bound to, what was told; of files from before these were kept, nothing.
      def insert_bindings(rows, job_id)
        customer, terms = rows.values_at("customer", "terms")
        Customers.new(@db).set(job_id, customer) if customer&.values&.any? { |text| !text.empty? }
        if terms
          JobTerms.new(@db).set(job_id, by: terms["by"], travel: terms["travel"])
          JobTerms.new(@db).shut(job_id, terms["shut"] || [])
        end
        (rows["told"] || []).each do |row|
          insert_of_job(:told_visits, row, TOLD, job_id:, said: row["said"].to_json)
        end
      end

      def columns_of(row, columns) = row.slice(*columns.map(&:name)).transform_keys(&:to_sym)

      def insert(table, row, columns, **more)
        @db[table].insert_conflict(:replace).insert(opening_id: @ids.fetch(row["opening"]),
          **row.slice(*columns.map(&:name)).transform_keys(&:to_sym), **more)
      end

      def insert_plan(table, row, job_id)
        insert_of_job(table, row, PLAN, job_id:, **Plans::JSONS.to_h { |name| [name, row[name.name].to_json] })
      end

      def insert_of_job(table, row, columns, job_id:, **more)
        @db[table].insert(job_id:, **row.slice(*columns.map(&:name)).transform_keys(&:to_sym), **more)
      end
    end
  end
end
