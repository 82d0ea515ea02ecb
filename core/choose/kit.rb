# frozen_string_literal: true

module YellowTrack
  # A kit sheet (handbook 9): what a hardware maker's instructions say, as
  # data. Lengths in mm, weights in kg.
  class Kit
    UNKNOWN = "not-known" # id of the sheet that stands for a kit that nobody knows

    # @param values [Hash] a kit sheet as Schema read it
    def initialize(values)
      @values = values.freeze
      @found = {}
      freeze
    end

    # @return [String] "twin-42": unchanged when it is copied, so that a file finds it again
    def id = @values["id"]

    # @return [String] as it is read
    def name = @values["name"]

    # Whether it stands for a kit that nobody knows.
    def unknown? = id == UNKNOWN

    # @return [String] "bypass", "bifold" or "pocket"
    def family = @values["family"]

    # @return [String] how a bypass carries its panels; nil for the others
    def support = @values["support"]

    # How its sets hang.
    #
    # @return [Manner]
    def manner = Manner.of(self)

    # @param key [String] dotted, as in "lap.design"
    # @return [Object, nil] nil where the sheet says nothing
    def [](key)
      @found.fetch(key) do
        @found[key] = Dotted.steps(key).reduce(@values) { |inner, step| inner && inner[step] }
      end
    end

    # @return [Object]
    # @raise [Fault] where the sheet says nothing
    def fetch(key)
      value = self[key]
      value.nil? ? raise(Fault.new("the kit sheet #{id} says nothing here. It is needed.", key: "kit.#{key}")) : value
    end

    # The smaller of the adjuster's ways up and down, mm: how far a panel can
    # be rocked either way.
    def rock = [fetch("adjust.up"), fetch("adjust.down")].min

    # @return [Hash] as it stands in its file, lengths in mm
    def to_h = @values
  end
end
