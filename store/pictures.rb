# frozen_string_literal: true

module YellowTrack
  module Store
    # Pictures of openings, each with its entry in the log.
    class Pictures
      # data, thumb: the files; type, of both
      Picture = Struct.new(:id, :opening_id, :type, :width, :height, :data, :thumb, keyword_init: true)

      # @param log [Log]
      def initialize(db, log)
        @db = db
        @log = log
        @pictures = db[:pictures]
      end

      # @param opening [Openings::Row]
      # @param picture [Picture] without its id
      # @param caption [String]
      # @return [Integer] its id
      def add(opening, picture, caption:, who: "fitter")
        @db.transaction do
          id = @pictures.insert(opening_id: opening.id, type: picture.type, width: picture.width,
            height: picture.height,
            data: Sequel.blob(picture.data), thumb: Sequel.blob(picture.thumb))
          @log.add(opening_id: opening.id, version: opening.version, kind: "picture", key: "picture.#{id}", before: nil,
            after: {"picture" => id, "caption" => caption, "width" => picture.width, "height" => picture.height}, who:,
            at: Clock.now)
          id
        end
      end

      # @return [Picture, nil]
      def find(id) = @pictures.first(id:)&.then { |row| Picture.new(**row).freeze }
    end
  end
end
