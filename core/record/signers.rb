# frozen_string_literal: true

module YellowTrack
  # Who signs a hand-over (handbook 10).
  module Signers
    # By what he is, in the words beside his line.
    WORDS = {"fitter" => "for the fitters", "customer" => "for the house"}.freeze
    ALL = WORDS.keys.freeze
  end
end
