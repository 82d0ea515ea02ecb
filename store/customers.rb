# frozen_string_literal: true

module YellowTrack
  module Store
    # Whom a job is for: name, address, telephone, mail, a remark.
    class Customers
      include Questions

      Customer = Struct.new(:job_id, :name, :address, :telephone, :mail, :remark, keyword_init: true) do
        # Whether nothing is known of him.
        def none? = to_h.except(:job_id).values.all? { |text| text.to_s.empty? }
      end

      # Characters that each takes.
      LONGEST = {"name" => 120, "address" => 200, "telephone" => 40, "mail" => 120, "remark" => 500}.freeze
      MAIL = /\A[^@\s]+@[^@\s]+\.[^@\s.]+\z/
      TELEPHONE = %r{\A\+?[\d ()/.-]+\z}

      # What is typed as it is kept.
      #
      # @return [String]
      # @raise [Fault]
      def self.read(key, typed)
        text = Jobs.tidy(typed)
        if text.length > LONGEST.fetch(key)
          raise Fault.new("#{text.length} characters are too many for the customer's #{key}. It takes " \
            "#{LONGEST.fetch(key)}.", key:)
        end
        return text if text.empty?
        raise Fault.new("\"#{text}\" is no mail address. Write it as kit@harbour.example.", key:) if
          key == "mail" && !MAIL.match?(text)
        raise Fault.new("\"#{text}\" is no telephone number: digits, spaces, + and -.", key:) if
          key == "telephone" && !TELEPHONE.match?(text)

        text
      end

      # @param db [Sequel::Database]
      def initialize(db)
        @customers = db[:customers]
      end

      # @return [Customer] of a job; empty for one of whom nothing is known
      def of(job_id) = Customer.new(job_id:, **LONGEST.to_h { |key, _| [key.to_sym, ""] },
        **(question(:customer_of_job) { @customers.where(job_id: :$job) }.call(job: job_id).first || {}))

      # @param texts [Hash{String => String}] as they were read
      def set(job_id, texts)
        row = of(job_id).to_h.merge(texts.transform_keys(&:to_sym))
        @customers.insert_conflict(:replace).insert(row)
      end

      # Forgets him.
      def forget(job_id) = @customers.where(job_id:).delete
    end
  end
end
