# frozen_string_literal: true

require "date"

module YellowTrack
  module Desk
    class HandingOver
      # What is said at a hand-over: names, the day to look back, why gaps are not settled,
      # drawn lines.
      class Typed
        # @return [Array<Fault>]
        attr_reader :faults
        # @return [String] the day, ISO
        attr_reader :look_back

        # @param typed [Hash{String => String}] "fitter", "customer", "look_back", "fresh",
        #   "reason", "line_fitter", "line_customer"
        # @param today [Date]
        def initialize(typed, today: Date.today)
          @typed, @today, @faults = typed, today, []
          @look_back = day
          Signers::ALL.each { |name| short(name, LONGEST) }
          %w[reason anew].each { |name| short(name, REASON) }
        end

        # Who signs, by what they are.
        def names = Signers::ALL.to_h { |name| [name, text(name)] }.reject { |_, name| name.empty? }

        # Why it is done anew; empty for the first.
        def reason = text("reason")

        # Why it is handed over anew.
        def anew = text("anew")

        # Drawn lines that can be read; what cannot is as if it was not drawn.
        def signatures
          Signers::ALL.to_h { |name| [name, text("line_#{name}")] }
            .select { |_, line| line.length.between?(1, Store::Shape::LONGEST) && Store::Shape::LINE.match?(line) }
        end

        private

        def text(name) = @typed[name].to_s.strip

        def short(name, most)
          return if text(name).length <= most

          @faults << Fault.new("#{text(name).length} characters are too many. It takes #{most}.", key: name)
        end

        def day
          return (@today + (text("fresh").empty? ? WEEKS : FRESH)).iso8601 if text("look_back").empty?

          date = Date.strptime(text("look_back"), "%Y-%m-%d")
          return date.iso8601 if (date - @today).to_i.between?(0, FAR)

          @faults << Fault.new("#{date.iso8601} is gone, or too far. Give a day from today on.", key: "look_back")
          nil
        rescue Date::Error
          @faults << Fault.new("\"#{text("look_back")[0, 40]}\" is no day. Write it as #{(@today + WEEKS).iso8601}.",
            key: "look_back")
          nil
        end
      end
    end
  end
end
