# frozen_string_literal: true

RSpec.describe YellowTrack::Files::Words do
  it "says every word once, in a sentence, with a drawing of its own" do
    forms = described_class.all.flat_map(&:forms)
    expect(forms.uniq).to eq forms
    expect(described_class.all.map(&:says)).to all match(/\A[A-Z].+\.\z/)
    drawn = described_class.all.map { |word| YellowTrack::Drawing::WordPicture.new(word).to_s }
    expect(drawn).to all include("<text")
    expect(drawn.map { |one| Nokogiri::XML(one).css("line, rect, circle, polygon").length }.min).to be > 1
    roles = YellowTrack::Drawing::Lines::TABLE.keys
    expect(described_class.all.flat_map { |word| word.drawn.flat_map(&:values).map(&:last) }.uniq
      .select { |role| role.is_a?(String) && role.match?(/\A[a-z -]+\z/) && described_class.find(role).nil? } -
        roles - described_class.all.flat_map { |word| word.drawn.filter_map { |one| one["t"]&.last } }).to eq []
  end

  it "has the words that screens cannot do without" do
    expect(described_class.forms.keys)
      .to include("lap", "grain", "stands off", "proud", "kerf", "nib", "two schools", "half jamb", "covering")
  end
end
