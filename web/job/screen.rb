# frozen_string_literal: true

module YellowTrack
  module Web
    module Job
      # One job and its openings, a page at a time; nothing is worked out for it.
      class Screen < Web::Screen
        PAGE = 40
        # What is asked of doors that an opening is to be built for.
        DOORS = %w[name kit panels width height thickness covering].freeze
        BINNED = 40

        # @return [Store::Jobs::Job]
        attr_reader :job

        # @param desk [Desk::Job]
        def initialize(desk, **rest)
          super(desk.book, **rest)
          @job = desk.row
        end

        # The template that it is drawn with.
        def template = "job/page"

        # What stands in the window's own line.
        def title = job.name

        # Keys that it has beside those of every page: what each does, by its key.
        def keys = {"n" => "new opening"}

        # Of the pages and files that a device keeps.
        def version_of_pages = Along::Pages::VERSION

        # Where it is in a list that is longer than a page.
        def paging = @paging ||= Paging.new(said.hanging, PAGE, asked_number("page"))

        # Where it is, with what was asked of it.
        def path(page) = Paths.job(job.id, page:)

        # Whom it is for.
        #
        # @return [Store::Customers::Customer]
        def customer = said.customer

        # What the customer's form replaces.
        #
        # @param customer [Store::Customers::Customer]
        # @return [Hash{String => String}]
        def self.customer_fields(customer)
          Store::Customers::LONGEST.to_h { |key, _| [key, customer[key].to_s] }
        end

        # What is known of the customer, by its key, as it stands.
        def customer_fields = Screen.customer_fields(customer)

        # A field of his, as it stands in its form.
        def customer_field(key) = refused?("customer") ? typed_at(key) : customer_fields[key]

        # What a job is bound to on the board, as its form is printed.
        #
        # @param terms [Store::JobTerms::Terms]
        # @return [Hash{String => String}]
        def self.terms_fields(terms)
          {"by" => terms.by.to_s, "travel" => terms.travel.to_s, "crew" => terms.crew_id.to_s,
           "shut" => terms.shut.join(", ")}
        end

        # What it is bound to, by its key, as it stands.
        def terms_fields = @terms_fields ||= Screen.terms_fields(said.terms)

        # A field of what it is bound to.
        def terms_field(key) = refused?("terms") ? typed_at(key) : terms_fields[key]

        # Whether the forms of what it is bound to stand open.
        def bound? = refused?("terms") || refused?("road") || params.key?("terms")

        # What it is bound to, in words; nil for nothing.
        def terms_said
          by, travel, crew, shut = terms_fields.values
          says = [(by.empty? ? nil : "promised for #{by}"), (travel.empty? ? nil : "#{travel} min to it"),
            (crews.find { |one| one.id.to_s == crew }&.name unless crew.empty?), (shut.empty? ? nil : "shut #{shut}")]
          says.compact.then { |all| all.join(", ") if all.any? }
        end

        # The firm's crews.
        def crews = @crews ||= book.crews.all

        # Minutes to a house when nobody said.
        def usual_travel = Desk::CrewHours.new(book.house_rules.all, []).travel

        # Other jobs under way, for a road between two.
        def others = @others ||= book.jobs.under_way(most: 200).reject { |one| one.id == job.id }

        # Roads to others that are known: name and minutes.
        #
        # @return [Array<Array(Store::Jobs::Job, Integer)>]
        def roads
          known = book.job_terms.roads([job.id, *others.map(&:id)])
          others.filter_map { |one| (minutes = known[[job.id, one.id].minmax]) && [one, minutes] }
        end

        # Openings whose papers are out of date, each with what was changed since, in words.
        #
        # @return [Array<Array(HungOpening, String)>]
        def old_papers = out_of_date(book.papers)

        # Planned openings whose sheet for whoever frames them is out of date, likewise.
        def old_frames
          out_of_date(book.framers_sheets).select { |one, _| one.row.document["survey.planned"] }
        end

        # @return [Array<Hung>]
        def openings
          @openings ||= Desk::Listing.shown(book, book.openings.of(job.id, most: paging.most, after: paging.after))
            .map do |row|
            HungOpening.new(row)
          end
        end

        # What lies in the bin, the last first.
        def binned = @binned ||= said.binned.zero? ? [] : book.openings.binned(job.id, most: BINNED)

        # Whether the form of a new opening stands open.
        def adding?
          openings.empty? || %w[opening doors served file].any? { |form| refused?(form) } || params.key?("new")
        end

        # Kits that doors can hang by: those that ship, and the fitter's own.
        #
        # @return [Hash{String => String}] name by id
        def kits
          @kits ||= Files::Candidates.shelf.to_h { |kit| [kit.id, kit.name] }
            .merge(book.own_kits.all.transform_values { |sheet| sheet["name"] })
        end

        # How a door can hang, in words.
        FAMILIES = {"top-hung" => "slides, hung from above", "bottom-rolling" => "slides, rolls on the floor",
                    "wall-hung" => "slides before the wall", "bifold" => "folds",
                    "pocket" => "goes into the wall"}.freeze

        # Families that an opening can be begun with.
        def families = FAMILIES

        # What stands in a field of the doors' form.
        def door(name) = refused("doors", name)

        # The unit that its lengths are typed in.
        def unit = job.units

        # What it was called, and where it was, the latest first.
        #
        # @return [Array<Store::Replaced::Was>]
        def called_before = said.renamed.zero? ? [] : book.replaced.of("job", job.id)

        # The job's name, as its field stands.
        def name = refused?("job") ? typed_at("name") : job.name

        # Where the job is, as its field stands.
        def place = refused?("job") ? typed_at("place") : job.place

        # An opening's name as it stands in its form.
        def name_of(opening) = renaming?(opening) ? typed_at("name") : opening.name

        # Whether that opening's new name was refused.
        def renaming?(opening) = refused?("name #{opening.id}")

        # Whether the openings' own forms stand open.
        def keeping? = openings.any? { |opening| renaming?(opening) }

        private

        # Asked once for lists and summaries.
        def said = @said ||= book.job_page.of(job.id)

        def out_of_date(papers)
          changed = papers.changed_of(openings.map(&:row))
          openings.filter_map { |one| [one, OldPapers.says(changed[one.id])] if changed.key?(one.id) }
        end
      end
    end
  end
end
