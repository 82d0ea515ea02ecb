# frozen_string_literal: true

module YellowTrack
  class Prepare
    # Whether a timber head that is not part of the structure stays straight
    # under a top-hung set (handbook 7): will the doors bind, and nothing more.
    # Whether it may carry load is for a licensed person.
    class Stiffness
      # N/mm²
      MODULI = {
        "softwood" => 8000, "plywood" => 6000, "laminated timber" => 11_000, "fibreboard" => 2500,
        "steel angle" => 200_000
      }.freeze
      GRAVITY = 9.81
      MOST = 1.5 # mm of sag

      # @param material [String] one of MODULI
      # @param breadth [Numeric] bh, mm
      # @param depth [Numeric] dh, mm
      # @param span [Numeric] L, mm
      # @param plies [Integer] they add up
      # @raise [Fault] for a material it does not know, or no size
      def initialize(material:, breadth:, depth:, span:, plies: 1)
        @modulus = MODULI.fetch(material) do
          raise Fault, "\"#{material}\" is no head known here. It takes #{MODULI.keys.join(", ")}."
        end
        raise Fault, "A head of #{breadth} × #{depth} has no stiffness. Give its breadth and depth." unless [breadth,
          depth, plies].all?(&:positive?)

        @second_moment = plies * breadth * depth**3 / 12.0
        @span = span
      end

      # Sag with the panels together at the middle, δ, mm.
      #
      # @param weight [Numeric] kg that can stand there
      def sag(weight) = GRAVITY * weight * @span**3 / (48.0 * @modulus * @second_moment)

      # @param down [Numeric] the adjuster's way down, mm
      # @return [Check, nil]
      def check(weight, down:)
        sag = sag(weight).round(2)
        return unless sag > MOST || sag > down / 2.0

        Check.new(code: "head.sag", level: :watch,
          says: "The head sags #{sag.round(1)} mm with the panels at its middle.",
          do: "A deeper head, or plies added. It must not move when leaned on.")
      end
    end
  end
end
