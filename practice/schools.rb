# frozen_string_literal: true

module YellowTrack
  module Practice
    # Where trained people disagree: which school, and by a reason that holds in this
    # situation (the places of the handbook that say "Two schools").
    # A groove for the guide or guides at the sides, in a bottom rail of 25 mm, say: a groove of 7 would leave 9 mm of
    # wood at each side and 6 are enough, so that a groove would be too weak does not hold here; that it hides the
    # guide does.
    class Schools < Drill
      KEY, NAME = "schools", "Two schools"
      LEARN = "Both schools are right, each with its reason: what counts is whether the reason holds here."
      OFFERED = {1 => 2, 2 => 3, 3 => 4, 4 => 4, 5 => 5}.freeze # reasons

      PLACES = [Place::Plumb, Place::Guiding, Place::HalfJamb, Place::EvenGap, Place::Cutting, Place::Finish].freeze

      # A reason for a school: school and words; holds, whether it does here; says, why not.
      Reason = Struct.new(:school, :words, :holds, :says)

      private

      # The place is drawn first, and then makes an opening in which its question turns up.
      def drawn
        @place = site.pick(PLACES).new(site, level)
        @place.document(self)
      end

      # @return [Hash] an opening file's set of panels that slide
      public def sliding(panels = 2, **more) = super

      def asked(_set) = @place.asked

      def given(plan) = @place.facts(plan)

      def parts(plan)
        # Of the reasons that hold one alone is offered: any of them would be right.
        reasons = @place.reasons(plan)
        sound, others = reasons.partition(&:holds)
        return if sound.empty? || others.empty?

        random = Random.new(@seed) # the same for whoever misread it
        right = sound.sample(random:)
        offered = [right, *others.sample(OFFERED.fetch(level) - 1, random:)]
        by = reasons.each_with_index.to_h { |one, place| [place.to_s, one] }
          .select { |_, one| offered.include?(one) }.sort_by { |_, one| [one.school, one.words] }.to_h
        options = by.transform_values { |one| "#{one.school}: #{one.words}" }
        answer = by.key(right)
        [Part.new(key: "reason", label: "school and reason", kind: :choice, answer:, options:,
          slips: by.except(answer).map { |key, one| Slip.new("that does not hold here: #{one.says}", key) },
          why: "#{right.words[0].upcase}#{right.words[1..]}: that holds here.")]
      end
    end
  end
end
