# frozen_string_literal: true

# A panel that hangs in a real wall: its gaps answer to how its screws are
# really turned. Its pitch is not quite the sheet's.
class HungPanel
  PITCH = 1.28

  def initialize(jamb, taper, width, height)
    @sign = (jamb == "right") ? 1 : -1
    @taper, @spacing, @height = taper, width - 2 * 62, height
  end

  # Does what the screen says: "Right hanger: 1¾ turns clockwise; …".
  def follow(sentence)
    sentence.scan(/(left|right) hanger: (\d*)([¼½¾]?) turns? (clockwise|anticlockwise)/i) do |side, whole, part, way|
      turns = (whole.to_i + {"¼" => 0.25, "½" => 0.5, "¾" => 0.75}.fetch(part, 0)) * ((way == "clockwise") ? 1 : -1)
      @taper += @sign * ((side.downcase == "right") ? 1 : -1) * turns * PITCH * @height / @spacing
    end
  end

  # Gaps, read to half a millimetre.
  def gaps
    least = [@taper, 0].min
    {"top" => @taper - least, "middle" => @taper / 2 - least, "bottom" => -least}.transform_values do |gap|
      (gap * 2).round / 2.0
    end
  end
end
