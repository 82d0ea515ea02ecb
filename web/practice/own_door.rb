# frozen_string_literal: true

module YellowTrack
  module Web
    module Practice
      # A door of the firm's own, asked at its price until somebody says what it was. Nothing of it is kept: what was
      # asked stands in the address.
      class OwnDoor < Web::Screen
        # @param door [Desk::OwnDoors::Door]
        def initialize(book, door, **rest)
          super(book, **rest)
          @door = door
          @known = Files::Knowledge.of(door.family).with(book.own_causes.of(door.family))
        end

        # @return [Desk::OwnDoors::Door]
        attr_reader :door

        # The template that it is drawn with.
        def template = "own_door/page"

        # What stands in the window's own line.
        def title = "A door of ours"

        # What was said of it, in words.
        def said = symptoms.map { |key| @known.symptoms.fetch(key).label }

        # A set that hangs as it does.
        def drawing = Drawing::HungSet.new(Manner::ROWS.fetch(door.family), 2)

        # Findings that were asked, each with what was found.
        #
        # @return [Hash{Diagnosis::Finding => String}]
        def asked = asked_keys.to_h { |key| [@known.findings.fetch(key), door.found.fetch(key).tr("_", " ")] }

        # Minutes of that.
        def minutes = now.minutes.to_f.round(1).to_s.delete_suffix(".0")

        # What can be asked yet: of what was looked at there, at its minutes.
        #
        # @return [Array<Diagnosis::Finding>]
        def askable = now.askable.select { |finding| door.found.key?(finding.key) }

        # What a finding costs now.
        def cost(finding) = finding.cost(now.down?).to_f.round(1).to_s.delete_suffix(".0")

        # The page once one more is asked.
        def asking(finding) = Paths.practice("own", door.id, asked: [*asked_keys, finding.key].join(","))

        # What it may have been.
        #
        # @return [Hash{String => String}] by key, in words
        def choices = now.causes.map(&:cause).sort_by(&:label).to_h { |cause| [cause.key, cause.label] }

        # What was asked, as the address has it.
        def so_far = asked_keys.join(",")

        # What somebody says that it was; nil until he does.
        def says = choices.key?(params["said"]) ? params["said"] : nil

        # Whether he is right.
        def right? = door.causes.include?(says)

        # What it was, in words, with the share that it has by what was asked.
        def was
          door.causes.map { |key|
            standing = now.causes.find { |one| one.cause.key == key }
            "#{Desk::ServiceFields.cause_name(key, @known)}#{", #{(standing.share * 100).round} % by that" if standing}"
          }.join("; ")
        end

        private

        def symptoms = door.symptoms & @known.symptoms.keys

        def asked_keys
          @asked_keys ||= params["asked"].to_s.split(",").uniq & door.found.keys & @known.findings.keys
        end

        def now
          @now ||= YellowTrack::Diagnosis.new(@known, symptoms:, findings: door.found.slice(*asked_keys))
        end
      end
    end
  end
end
