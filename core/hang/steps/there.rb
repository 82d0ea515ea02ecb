# frozen_string_literal: true

module YellowTrack
  class Steps
    # Which steps a set has (handbook 18, "What must be there, what must not").
    class There
      ALWAYS = ->(_) { true }

      # @param plan [Plan]
      def initialize(plan)
        @plan, @set, @opening = plan, plan.set, plan.set.opening
      end

      # Whether a step of its manner of hanging is there.
      #
      # @param key [String]
      def has?(key) = WHEN.fetch(key, ALWAYS).call(self)

      # Whether its panels came finished: nothing of them is painted, and they are hung once.
      def finished?
        return @opening["finished"] unless @opening["finished"].nil?

        !@opening["width"].nil? && !@opening["height"].nil? && @set.makeup.fragile?
      end

      # Whether it is hung once.
      def once? = @opening["order"] == "finish" || finished?

      # Whether a tongue that runs in the floor goes on after the last hanging, or on the bench before.
      #
      # @return ["after", "bench"]
      def tongue = (@plan.checks.any? { |check| check.code == "guide.lift" }) ? "after" : "bench"

      # Whether panels run with a tongue in the floor.
      def tongue? = @set.guides&.tongue? || false

      # Whether a covering is still to come.
      def covering? = @plan.figures.covering.positive?

      # Whether a rail on the floor stands on it: it is laid before that.
      def under? = @set.manner.key == "bottom-rolling" && @plan.figures.standing.positive?

      # Whether the floor is heated: nothing is screwed to it or grooved into it.
      def heated? = @plan.survey["floor_of"] == "heated"

      # How often an old slab is treated.
      def treatments = (@opening["slab.old"] || {}).fetch("treat", nil) || 0

      # What comes off a slab, or is glued on.
      def rip? = slab? && @set.slab.width.positive?

      # Whether its foot, or its head, is cut.
      def trim? = slab? && @set.slab.height.positive?

      # Whether something is glued on at its foot.
      def lip? = slab? && @set.slab.lipping.positive?

      # Whether it is an old one.
      def old? = slab? && !@opening["slab.old"].nil?

      # Whether its block is cut away, and is glued back in.
      def block? = trim? && @plan.checks.any? { |check| check.code == "alter.block" }

      # Whether more is packed over the track than a head that is built down gives.
      def pack_head?
        return false if @set.covers?

        built = head? ? @plan.prepare.to_h[:built_down][:height] : 0r
        @set.track.packed? && @set.track.packing > built
      end

      # Whether a jamb is packed.
      def pack_jambs? = !@set.covers? && %w[left right].any? { |side| (@opening["packing.#{side}"] || 0).positive? }

      # Whether a head is built down.
      def head? = Prepare::BuiltDownHead.framed?(@set)

      # Whether something is let into a slab, cut or glued on it, so that it is primed.
      def prime? = slab? && (rip? || trim? || lip? || has?("groove") || hinges?)

      # Whether hinges are let in here.
      def hinges? = @set.manner.folds? && @opening["hinged"] != true

      # How pulls are fitted.
      def pulls = @set.manner.folds? ? "none" : @opening["pulls"] || "bored"

      # Whether panels are bored or cut here, whoever finished them.
      def cut_here? = pulls == "bored" || !@set.soft_close.nil? || @set.grooved? || hinges? || hung_by_hangers?

      # What a plan of visits asks of the set: those of its words that hold (data/visits.yml).
      #
      # @return [Array<String>]
      def words
        covering, standing = @plan.figures.covering, @plan.figures.standing
        {"covering" => covering.positive?, "covering_under" => standing.positive?,
         "covering_up_to" => standing < covering, "framed" => !@set.framed.nil?,
         "on_site" => @opening["height_cut"] == "site", "finish" => once?}.select { |_, holds| holds }.keys
      end

      # @return [Plan] that it is of; its set; its opening file's choices
      attr_reader :plan, :set, :opening

      private

      def slab? = @set.slab.slab? && !finished?

      def hung_by_hangers? = %w[top-hung wall-hung].include?(@set.manner.key)

      WHEN = {
        "build-head" => ->(it) { it.head? }, "nog" => ->(it) { it.set.covers? && it.set.wall.nogging? },
        "pack-head" => ->(it) { it.pack_head? }, "pack-jambs" => ->(it) { it.pack_jambs? },
        "half-jambs" => ->(it) { it.set.planted.positive? }, "casing" => ->(it) { !it.opening["casing.width"].nil? },
        "slab-rip" => ->(it) { it.rip? }, "slab-trim" => ->(it) { it.trim? },
        **%w[slab-lip slab-dry slab-plane].to_h { |key| [key, ->(it) { it.lip? }] },
        "slab-treat" => ->(it) { it.old? && it.treatments.positive? }, "fill" => ->(it) { it.old? },
        "slab-prime" => ->(it) { it.prime? },
        **%w[frame-grooves frame-dry frame-glue].to_h { |key| [key, ->(it) { it.set.framed && !it.finished? }] },
        "measure" => ->(it) { it.opening["height_cut"] == "site" || !it.set.framed.nil? },
        "track-joint" => ->(it) { it.set.track.pieces.length > 1 },
        **%w[floor-groove tongue].to_h { |key| [key, ->(it) { it.tongue? && !it.heated? }] },
        **%w[strikers soft-close].to_h { |key| [key, ->(it) { !it.set.soft_close.nil? }] },
        "pulls-bore" => ->(it) { it.pulls == "bored" }, "pulls" => ->(it) { it.pulls != "none" },
        "groove" => ->(it) { it.set.grooved? }, "hinges" => ->(it) { it.hinges? },
        "seal" => ->(it) { !it.finished? || it.cut_here? }, "paint" => ->(it) { !it.finished? },
        **%w[trial off rehang].to_h { |key| [key, ->(it) { !it.once? }] },
        "covering" => ->(it) { it.covering? && !it.under? }, "covering-first" => ->(it) { it.covering? && it.under? },
        "blocks" => ->(it) { it.covering? && !it.once? },
        "guides" => ->(it) { it.set.manner.pockets? || it.set.guides.places.any? || (it.tongue? && it.heated?) },
        "strip" => ->(it) { (it.opening["base_strip"] || 0).positive? },
        "board" => ->(it) { it.set.wall.board? == true }, "standoff" => ->(it) { it.set.wall.standoff.positive? },
        "aligners" => ->(it) { it.set.two_pairs? }, "pelmet" => ->(it) { !it.set.pelmet.nil? }
      }.freeze
      private_constant :WHEN
    end
  end
end
