# frozen_string_literal: true

require "json"

module YellowTrack
  module Store
    # Questions that a page asks each time, with other values, and what every save writes: each is put into words once
    # and prepared, for that takes longer than to answer it. Prepared ones are read to their end: nothing stays open.
    module Questions
      private

      # @param name [Symbol] of its statement, one in the whole book
      # @yieldreturn [Sequel::Dataset] with a place for each value, as :$job
      # @return [Sequel::Dataset] to be called with those values
      def question(name) = (@questions ||= {})[name] ||= yield.prepare(:select, name)

      # What is written each time with other values.
      #
      # @param name [Symbol] of its statement, one in the whole book
      # @param act [Symbol] :insert or :update
      # @param columns [Array<Symbol>] that are written, each with the value of its name
      # @yieldreturn [Sequel::Dataset] into which, or of which rows
      # @return [Sequel::Dataset] to be called with those values; gives the new row's number, or how many changed
      def writing(name, act, columns)
        (@questions ||= {})[name] ||= yield.prepare(act, name, columns.to_h { |column| [column, :"$#{column}"] })
      end

      # What a list holds that is told as JSON.
      #
      # @param place [Symbol] of the list, as :$jobs
      # @return [Sequel::Dataset]
      def told_in(db, place) = db.from(Sequel.function(:json_each, place)).select(:value)
    end
  end
end
