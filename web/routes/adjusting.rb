# frozen_string_literal: true

require "json"

module YellowTrack
  module Web
    module Routes
      # The bench: what every turn comes to, and turns that were made.
      module Adjusting
        def self.registered(app)
          app.helpers(Turning)
          taking_back(app)

          app.get(%r{/openings/(\d{1,9})/bench\.json}) do |id|
            load_hung(id)
            content_type :json
            JSON.generate(adjusting.responses.to_h)
          end

          # Pressed twice, the second has nothing left to turn.
          app.post(%r{/openings/(\d{1,9})/moves}) do |id|
            load_opening(id)
            halt 404 unless @work.plan
            redirect to("/openings/#{@row.id}/adjust?panel=#{hung.name}"), 303 unless answer

            counts = params["suggested"] ? adjusting.suggested : tried
            raise Fault.new("No adjuster was turned. Turn one on the bench, or take what is suggested.", key: "turn") if counts.values.all?(&:zero?)

            turn(counts)
            redirect to("/openings/#{@row.id}/adjust?panel=#{hung.name}"), 303
          rescue Fault => e
            status 422
            @fault, @stage = e, "adjust"
            erb :"adjust/page"
          end
        end

        # A move that was written down by mistake: what was read before it stands
        # again.
        def self.taking_back(app)
          app.post(%r{/openings/(\d{1,9})/moves/back}) do |id|
            load_opening(id)
            halt 404 unless @work.plan
            take_back
            redirect to("/openings/#{@row.id}/adjust?panel=#{hung.name}"), 303
          rescue Fault => e
            status 422
            @fault, @stage = e, "adjust"
            erb :"adjust/page"
          end
        end

        # What the routes of the bench share.
        module Turning
          def load_hung(id)
            load_opening(id)
            halt 404 unless @work.plan && answer
          end

          def turn(counts)
            outcome(book.openings.adjust(@row.id, hung.name, adjusting.state_after(counts), made: adjusting.entry(counts), seen:, who:) { |document| adjusted(document) })
          end

          def take_back
            move = adjusting.open_move&.entry or
              raise Fault.new("There is no move of #{hung_name(hung)} to take back: gaps were read since. Turn the other way instead.", key: "turn")

            outcome(book.openings.take_back(@row.id, move, says: "Taken back: not turned.", seen:, who:) { |document| adjusted(document) })
          end

          def seen = Integer(params["seen"] || "0", 10)

          def adjusted(document) = Work.columns(document, Work.later(@row.stage, "adjust"))

          def outcome(change)
            return unless change.outcome == :conflict

            raise Fault.new("#{hung_name(hung)} was read anew on another screen meanwhile. Nothing was written down: look at what it says now.", key: "turn")
          end
        end
      end
    end
  end
end
