# frozen_string_literal: true

module YellowTrack
  class Steps
    # In which order the steps of a set are done, and what each of them needs (handbook 18): rules that read "a is over
    # before b begins" hold across what is not there; of all orders that hold, the one nearest to the row.
    class Order
      # What a set is to the rules: its manner's key; once, whether it is hung once; tongue, "bench" or "after".
      Case = Struct.new(:manner, :once, :tongue, keyword_init: true) do
        # Whether a rule holds for it.
        #
        # @param rule [Hash] with "for", "hung" and "tongue", each left out where it does not matter
        def holds?(rule)
          (rule["for"].nil? || rule["for"].include?(manner)) &&
            (rule["hung"].nil? || (rule["hung"] == "once") == once) &&
            (rule["tongue"].nil? || rule["tongue"] == tongue)
        end

        # The key of a row's name that stands there for it; nil where it does not.
        def place(name)
          key, only = name.split(" ")
          return key unless only

          key if {"once" => once, "bench" => tongue == "bench"}.fetch(only, only == manner)
        end
      end

      # @param data [Hash] rules, row, ends and twice, as in data/order.yml
      # @param one [Case]
      # @param there [Array<String>] keys of the steps that the set has
      # @raise [Fault] where no order holds
      def initialize(data, one, there)
        @there, @ends = there, data.fetch("ends")
        @befores = Hash.new { |all, key| all[key] = [] }
        left_out = one.once ? data.fetch("twice") : []
        data.fetch("rules").each { |rule| read(rule["do"], left_out) if one.holds?(rule) }
        @needs = there.to_h { |key| [key, needed(key)] }
        @keys = arranged(data.fetch("row").values.flatten.filter_map { |name| one.place(name) })
      end

      # What has to be over before a step begins, each once.
      #
      # @return [Array<String>]
      def needs(key) = @needs.fetch(key)

      # @return [Array<String>] every key that is there, in their order
      attr_reader :keys

      private

      # A rule's names, pair by pair.
      def read(rule, left_out)
        groups = rule.split(" < ").map { |names| names.split(" ") }
        groups.each_cons(2) do |before, after|
          after.product(before).each do |key, other|
            @befores[key] |= [other] unless left_out.include?(key) || left_out.include?(other)
          end
        end
      end

      # The nearest that are there on every way back; the check comes before all else.
      def needed(key)
        found, seen, ahead = [], [], @befores[key].dup
        while (other = ahead.shift)
          next if seen.include?(other)

          seen << other
          if @there.include?(other) then found << other
          elsif !@ends.include?(other) then ahead.concat(@befores[other])
          end
        end
        (found.empty? && key != FIRST) ? [FIRST] : found
      end

      FIRST = "check"
      private_constant :FIRST

      # @param row [Array<String>] keys as they stand where nothing holds them
      def arranged(row)
        left, done = @there.dup, []
        until left.empty?
          ready = left.select { |key| (needs(key) - done).empty? }
          taken = ready.min_by { |key| row.index(key) || row.length }
          raise Fault.new("No order holds for #{left.join(", ")}.", key: "steps") unless taken

          done << left.delete(taken)
        end
        done
      end
    end
  end
end
