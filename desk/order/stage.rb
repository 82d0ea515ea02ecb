# frozen_string_literal: true

module YellowTrack
  module Desk
    # The stages of an opening, a row each; rail, keys, what may be written where
    # and the next step read them. A stage that is added has its row here and its
    # own folder of the web's.
    #
    # key    as it stands in the store
    # name   on the rail
    # writes how the keys of the values begin that are typed on its screen
    # mark   its mark on the rail for an opening: nil, :done, :stop or :watch
    # next   the next thing to do while it is on the screen
    # rail   which it hangs on: :own of an opening that is measured, :service of a door
    #        that others hung; nil for both, :aside for neither
    Stage = Struct.new(:key, :name, :writes, :mark, :next, :rail, keyword_init: true) do
      class << self
        # @return [Stage, nil]
        def [](key) = Stage::ROWS[key]

        # @return [Array<Stage>]
        def all = Stage::ROWS.values

        # Those of a rail, in their order.
        #
        # @param served [Boolean] whether it is the one of doors that hang badly
        # @return [Array<Stage>]
        def on_rail(served)
          name = served ? :service : :own
          Stage::ROWS.values.select { |stage| stage.rail.nil? || stage.rail == name }
            .partition { |stage| stage.rail == name }.flatten
        end

        # Where a value is at home: Choose asks for what Measure and Size have.
        #
        # @param key [String] of a field
        # @return [Stage]
        def home(key) = (all - [self["choose"]]).find { |stage| stage.writes?(key) }

        # The later of two stages.
        def later(one, other) = [one, other].max_by { |key| Stage::ROWS.keys.index(key) }
      end

      # Whether a value is typed on its screen.
      def writes?(key) = key.start_with?(*writes)
    end

    own = [
      Stage.new(key: "measure", name: "Measure", writes: %w[survey.], mark: StageMarks.method(:measured),
        next: StageMarks.method(:size_next)),
      Stage.new(key: "choose", name: "Choose", writes: %w[survey. set.], mark: StageMarks.method(:chosen),
        next: StageMarks.method(:choose_next)),
      Stage.new(key: "size", name: "Size", writes: %w[set.], mark: StageMarks.method(:sized),
        next: StageMarks.method(:cut_next)),
      Stage.new(key: "prepare", name: "Prepare", writes: %w[set. survey.check.], mark: ->(_) {},
        next: StageMarks.method(:cut_next)),
      Stage.new(key: "cut", name: "Cut", writes: [], mark: ->(opening) { opening.all_cut? ? :done : nil },
        next: StageMarks.method(:cut_next)),
      Stage.new(key: "hang", name: "Hang", writes: [], mark: StageMarks.method(:hung),
        next: StageMarks.method(:hang_next)),
      Stage.new(key: "adjust", name: "Adjust", writes: %w[hung.], mark: StageMarks.method(:adjusted),
        next: StageMarks.method(:adjust_next))
    ].each { |stage| stage.rail = :own }
    served = [
      Stage.new(key: "look", name: "Look", writes: %w[service. set.],
        mark: ServiceMarks.method(:looked), next: ServiceMarks.method(:look_next)),
      Stage.new(key: "take-down", name: "Take down", writes: %w[service. set.],
        mark: ServiceMarks.method(:taken_down), next: ServiceMarks.method(:take_down_next)),
      Stage.new(key: "mend", name: "Mend", writes: %w[service. set.],
        mark: ServiceMarks.method(:mended), next: ServiceMarks.method(:mend_next)),
      Stage.new(key: "rehang", name: "Rehang", writes: %w[service. hung. set.],
        mark: ServiceMarks.method(:rehung), next: ServiceMarks.method(:rehang_next))
    ].each { |stage| stage.rail = :service }
    # One thing fitted to doors that hang hangs on no rail.
    aside = Stage.new(key: "fit", name: "Fit one thing", writes: %w[service.fit.], mark: ->(_) {},
      next: ServiceMarks.method(:fit_next), rail: :aside)
    both = Stage.new(key: "hand-over", name: "Hand over", writes: [],
      mark: StageMarks.method(:handed_over), next: StageMarks.method(:hand_over_next))
    Stage::ROWS = [*own, both, *served, aside].to_h { |stage| [stage.key, stage.freeze] }.freeze
  end
end
