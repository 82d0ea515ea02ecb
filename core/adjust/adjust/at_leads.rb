# frozen_string_literal: true

module YellowTrack
  module Adjust
    # What a folding set raises at its leads and behind its half jamb once it is turned as said: the sizing's own
    # limits, held against what hangs (handbook 5, 8).
    class AtLeads < CheckList
      # What hangs, and how it is turned.
      #
      # set    [Bifold]
      # meet   [Meet]
      # slides [Array<Numeric>] where the pivots' slides stand then, mm away from their jamb
      Turned = Struct.new(:set, :meet, :slides)

      check "bifold.lead", :stop do |turned|
        left, needed = turned.meet.expected&.values&.min, least(turned)
        left && left < needed - Bifold::Checks::NOTHING &&
          ["The #{turned.meet.two? ? "meet" : "lead"} gap comes to #{at_most([left, 0].max)}; the fold needs " \
            "#{at_least(needed)}.", "Slide the pivots back towards their jamb, or trim the free stile."]
      end

      check "bifold.hidden", :watch do |turned|
        planned = turned.set.hidden or next
        then_ = planned - turned.slides.max
        then_ < [Bifold::Checks::HIDDEN, planned].min &&
          ["Slid so far from its jamb, the half jamb hides #{at_most([then_, 0].max)} of the panel's edge.",
            "A thicker half jamb, or pack the jamb instead: #{len(Bifold::Checks::HIDDEN)} are to be hidden."]
      end

      private

      # One pair opened at a time: a lead swings out once.
      def least(turned) = turned.set.gaps.swing + Bifold::Gaps::MARGIN
    end
  end
end
