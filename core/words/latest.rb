# frozen_string_literal: true

module YellowTrack
  # The latest answers to what is asked many times over, by what was asked; some
  # are kept, for all threads together.
  class Latest
    # @param most [Integer] how many are kept
    def initialize(most)
      @most = most
      @kept = {}
      @lock = Mutex.new
    end

    # @param asked [Object] what equals it has the same answer
    # @yieldreturn [Object] the answer, where it is not kept
    def fetch(asked)
      @lock.synchronize { @kept[asked] } || yield.tap { |answer| keep(asked, answer) }
    end

    # @return [Object, nil] the answer that is kept
    def [](asked) = @lock.synchronize { @kept[asked] }

    # Takes a better answer in the place of one.
    def []=(asked, answer)
      keep(asked, answer)
    end

    private

    def keep(asked, answer)
      @lock.synchronize do
        @kept[asked] = answer
        @kept.shift while @kept.length > @most
      end
    end
  end
end
