# frozen_string_literal: true

module YellowTrack
  module Drawing
    # The one table of how a drawing's parts look, by their class: what screen,
    # saved file and paper each make of it. A colour is a role; each ground has
    # its own for it.
    module Lines
      # weight of the line, screen units; ink and fill, roles; dash, lengths of
      # line and gap; size of text, screen units; bold
      Line = Struct.new(:weight, :ink, :fill, :dash, :size, :bold, keyword_init: true)

      TABLE = {
        "wall" => {weight: 0.9, fill: :shade}, "strip" => {weight: 0.9, fill: :strip},
        "face" => {weight: 1.6, fill: :sheet},
        "runs" => {weight: 0.9, fill: :rolling}, "runs-line" => {weight: 4, ink: :rolling},
        "dot" => {weight: 0, fill: :ink}, "told" => {weight: 0.9, fill: :good},
        "cut" => {weight: 1.6}, "seen" => {weight: 0.9}, "hidden" => {weight: 0.6, ink: :half, dash: [5, 3]},
        "dimension" => {weight: 0.5}, "extension" => {weight: 0.5}, "tick" => {weight: 1}, "datum" => {weight: 4},
        "shut" => {weight: 0, fill: :strip}, "open-day" => {weight: 0, fill: :paper},
        "others" => {weight: 0.9, dash: [5, 4]}, "others holds" => {weight: 2.4, dash: [5, 4]},
        "wait" => {weight: 0.9, ink: :half}, "wait holds" => {weight: 2.4}, "chain" => {weight: 4},
        "tie" => {weight: 0.5, ink: :half, dash: [2, 4]}, "hatch" => {weight: 0.5, ink: :half},
        "marked" => {weight: 2.4}, "framed" => {weight: 1.6, fill: :sheet},
        "torn" => {weight: 0, fill: :paper}, "grip" => {weight: 0.9, fill: :rolling},
        "clear-word" => {size: 15, bold: true},
        "hole" => {weight: 0.9, fill: :sheet}, "bay" => {weight: 0.9, ink: :half},
        "bay clear" => {weight: 0.9, ink: :good, fill: :good},
        "true-shape" => {weight: 1.6}, "level-shape" => {weight: 0.6, ink: :half, fill: :sheet, dash: [4, 4]},
        "tape" => {weight: 0.9, ink: :half, dash: [7, 4]}, "tape unread" => {weight: 0.9, ink: :hair, dash: [7, 4]},
        "tape suspect" => {weight: 2, ink: :stop}, "tape now" => {weight: 2.4},
        "figure" => {size: 15, bold: true}, "letter" => {size: 28, bold: true},
        "plan-letter" => {size: 14.2, bold: true},
        "quiet" => {size: 14.2, fill: :half}, "bay-word" => {size: 14.2}
      }.transform_values { |line| Line.new(ink: :ink, **line).freeze }.freeze

      # What has no class of its own.
      PLAIN = Line.new(weight: 0.9, ink: :ink, size: 14.2).freeze

      SMALLEST = 13 # screen units, text as it is shown
      WIDEST = 1600 # screen units, a drawing that is as wide as its room
      STEP = 20 # screen units between two least widths

      # Black on white, the track yellow.
      PAPER = {
        ink: "1D2B2E", half: "1D2B2E", hair: "8A9496", shade: "E8E8E8", strip: "E8E8E8", sheet: "FFFFFF",
        paper: "FFFFFF",
        rolling: "F2B600", good: "D9E8DF",
        stop: "1D2B2E"
      }.freeze

      module_function

      # @param css [String] classes of a part; the most telling first
      # @return [Line]
      def of(css) = TABLE[css] || TABLE.fetch(css.split.first.to_s, PLAIN)

      # The table as a style sheet.
      #
      # @param within [String] selector that it holds in: ".drawing "
      # @yieldparam role [Symbol] of a colour
      # @yieldreturn [String] that colour
      # @return [String]
      def css(within = "", &colour)
        TABLE.map { |name, line| "#{within}.#{name.tr(" ", ".")} { #{rules(line, &colour)} }" }.join("\n")
      end

      # The least width, screen units in steps of STEP, at which none of its text is shown under SMALLEST.
      #
      # @param width [Numeric] screen units, of the picture
      # @param size [Numeric] screen units, of its smallest text
      # @return [Integer]
      def least_width(width, size) = [(width * SMALLEST.fdiv(size) / STEP).ceil * STEP, WIDEST].min

      # Least widths as a style sheet, a class each: "least-640".
      #
      # @return [String]
      def least_css = STEP.step(WIDEST, STEP).map { |least| ".least-#{least} { min-width: #{least}px }" }.join("\n")

      # For a picture as a file of its own.
      def for_file
        "text { font-family: sans-serif; font-size: 14px; fill: ##{PAPER[:ink]}; } " \
          "#{css { |role| "##{PAPER.fetch(role)}" }.tr("\n", " ")}"
      end

      # A line's weight and colours, as CSS.
      def rules(line)
        return text_rules(line) { |role| yield role } if line.size

        ["fill: #{line.fill ? yield(line.fill) : "none"}", "stroke: #{line.weight.zero? ? "none" : yield(line.ink)}",
          "stroke-width: #{line.weight}px",
          "stroke-dasharray: #{line.dash ? line.dash.join(" ") : "none"}"].join("; ")
      end

      # A text's size and colour, as CSS.
      def text_rules(line)
        ["font-size: #{line.size}px", "fill: #{yield(line.fill || :ink)}", ("font-weight: 600" if line.bold)].compact
          .join("; ")
      end
    end
  end
end
