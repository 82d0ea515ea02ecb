# frozen_string_literal: true

require "date"
require "erb"

module YellowTrack
  module Desk
    # What a customer is told of a visit (handbook 17): the words, and the links that a telephone and a mail program
    # open with them. Nothing is sent by itself.
    class Telling
      MONTHS = Date::MONTHNAMES
      DAYS = Date::DAYNAMES

      # @param customer [Store::Customers::Customer]
      # @param place [String] of the house
      # @param firm [String, nil]
      # @param visit [FirmBoard::Shown::Visit, nil] nil where nobody comes
      # @param was [String, nil] ISO: the day that he was told before
      def initialize(customer:, place:, firm:, visit:, was: nil)
        @customer, @place, @firm, @visit, @was = customer, place, firm, visit, was
      end

      # The words, ready to be sent.
      #
      # @return [String]
      def words
        ["#{greeting}#{sentence}", *("Call us if that does not suit you." if @visit), @firm].compact.join("\n")
      end

      # @return [String, nil] opens a mail with the words; nil where no address is known
      def mailto
        return if @customer.mail.empty?

        "mailto:#{@customer.mail}?subject=#{encoded(subject)}&body=#{encoded(words)}"
      end

      # @return [String, nil] opens a message with the words; nil where no number is known
      def sms = @customer.telephone.empty? ? nil : "sms:#{number}?body=#{encoded(words)}"

      # What is kept of it.
      #
      # @return [Hash]
      def said
        {"arrive" => @visit.visit["arrive"], "depart" => @visit.visit["depart"], "crew" => @visit.crew,
         "people" => @visit.people}
      end

      # A day as it is told: "Tuesday, 1 December".
      def self.day(text)
        date = Date.iso8601(text)
        "#{DAYS[date.wday]}, #{date.day} #{MONTHS[date.month]}"
      end

      private

      def greeting = @customer.name.empty? ? "" : "#{@customer.name}, "

      def where = @place.empty? ? "" : " to #{@place}"

      def sentence
        return "we cannot come on #{Telling.day(@was)}. We tell you a new day." if @visit.nil?
        return "we come#{where} on #{on}." unless @was && @was != @visit.date

        "we cannot come on #{Telling.day(@was)}. We come#{where} on #{on}."
      end

      def on
        names = @visit.people.any? ? ": #{@visit.people.join(" and ")}" : ""
        "#{Telling.day(@visit.date)}, from #{FirmBoard::Shown.clock(@visit.visit["arrive"])} to " \
          "#{FirmBoard::Shown.clock(@visit.visit["depart"])}#{names}"
      end

      def subject = @was ? "Another day for our visit" : "Our visit"

      def number = @customer.telephone.gsub(/[^\d+]/, "")

      def encoded(text) = ERB::Util.url_encode(text)
    end
  end
end
