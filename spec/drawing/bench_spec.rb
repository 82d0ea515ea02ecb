# frozen_string_literal: true

RSpec.describe YellowTrack::Drawing::Responses do
  let(:millimetres) { YellowTrack::Length::Printer.derived(:mm) }
  let(:random) { Random.new(RSpec.configuration.seed) }

  sliding = {"gaps" => {"top" => 0, "middle" => 2.5, "bottom" => 6}, "at" => {"left" => 1.5, "right" => -2}}.freeze
  folding = {"gaps" => {"top" => 7, "bottom" => 4, "pivot" => 5, "lead" => 8}, "at" => {"jack" => 1}}.freeze
  sets = {
    "top-hung" => [{}, "B", sliding],
    "in a slot" => [{"set" => {"family" => "bypass", "kit" => "tri-38", "pattern" => [1, 2, 3]}}, "A", sliding],
    "wall-hung" => [{"set" => {"family" => "bypass", "kit" => "bar-3", "pattern" => [1, 2, 3]},
                     "survey.wall" => {"studs" => [100, 600, 1200, 1700]}}, "C", sliding],
    "bifold" => [{"set" => {"family" => "bifold", "kit" => "fold-34", "panels" => 4}}, "D", folding]
  }.freeze

  define_method(:hung) do |name|
    changes, panel, read = sets.fetch(name)
    made = plan(**changes.transform_keys(&:to_s), "hung.#{panel}" => read)
    found = made.set.readings.find { |one| one.name == panel }
    controls = YellowTrack::Adjust::Controls.of(found, found.answer, millimetres)
    [found, controls, described_class.of(controls)]
  end

  # What the script looks up: the place in the list, and nothing else.
  def looked_up(told, target, counts)
    output = told[:outputs].find { |one| one[:target] == target }
    output[:values].fetch(output[:of].sum { |control, weight| weight * counts.fetch(control) } - output[:from])
  end

  sets.each_key do |name|
    it "tells for every turning what the core answers, #{name}" do
      one, controls, responses = hung(name)
      told = responses.to_h
      300.times do
        counts = controls.all.transform_values { |control| random.rand(control.counts) }
        controls.gaps(counts).each do |gap, mm|
          expect(looked_up(told, "then-#{gap}", counts)).to eq YellowTrack::Adjust::Words.signed(mm, millimetres)
            .delete_prefix("+")
        end
        expect(looked_up(told, "stops", counts)).to eq controls.stops(counts)
        drawn = YellowTrack::Drawing::BenchView.of(one, one.answer)
          .layers(counts.to_h { |control, count| [control, controls.mm(control, count)] })
        drawn.each { |layer, transform| expect(looked_up(told, layer, counts)).to eq transform }
        counts.each do |control, count|
          expect(looked_up(told, "turned-#{control}", counts)).to eq controls.words(control, count)
        end
      end
    end

    it "goes as far as the adjuster does and no farther, #{name}" do
      one, controls = hung(name)
      controls.all.each_value do |control|
        least, most = one.range(control.name)
        expect(control.at + control.least * control.step).to be_between(least, control.at)
        expect(control.at + (control.least - 1) * control.step).to be < least
        expect(control.at + control.most * control.step).to be_between(control.at, most)
        expect(control.at + (control.most + 1) * control.step).to be > most
      end
    end
  end

  it "says a turn the kit's way" do
    _, controls = hung("top-hung")
    expect([7, -4, 1, 0].map { |count| controls.words("right", count) })
      .to eq ["1¾ turns clockwise", "1 turn anticlockwise", "¼ turn clockwise", "not turned"]
    _, slot = hung("in a slot")
    expect(slot.words("left", 3).tr("\u00A0", " "))
      .to eq "raise this side 1.5 mm: loosen, let the bracket down 1.5 mm in its slot, tighten"
    expect(slot.words("left", -2)).to match(/\Alower this side .* lift the bracket/)
    expect(slot.words("left", 0)).to eq "not moved"
  end

  it "draws the gaps larger than life, the suggestion as a ghost, and says so" do
    one, = hung("top-hung")
    bench = YellowTrack::Drawing::BenchView.of(one, one.answer)
    expect(bench.factor).to be > 1
    expect(bench.to_s).to include("ghost-face").and include("data-layer=\"lean\"")
      .and include("drawn #{bench.factor} times larger than life")
    expect(bench.places.keys).to eq %w[top middle bottom]
    expect(YellowTrack::Drawing::BenchView.of(one, nil).to_s).not_to include("ghost-face")
  end
end
