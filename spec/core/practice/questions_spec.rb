# frozen_string_literal: true

# Questions of every drill and level, by the core that marks them.
RSpec.describe YellowTrack::Practice do
  read = YellowTrack::Files::Shelf.method(:opening)
  drawn = ->(key, level, seed) { described_class.question(key, level:, seed:, read:) }

  described_class.drills.each_key do |key|
    described_class::LEVELS.each do |level|
      it "has one best answer in #{key}, level #{level}, that the plan of its own file gives, and every slip misses" do
        40.times do |seed|
          question = drawn.call(key, level, seed)
          plan = YellowTrack::Plan.of(read.call(JSON.parse(JSON.generate(question.document))))
          question.parts.select(&:entry).each do |part|
            expect(plan.working[part.key].value).to eq part.answer
            expect(part.entry.again).to eq part.answer
          end
          question.parts.reject(&:choice?).each do |part|
            expect(part.slips).not_to be_empty
            expect(part.slips.map { |slip| (slip.value - part.answer).abs }).to all be >= question.grain
          end
          question.parts.select(&:choice?).each do |part|
            by_core = part.reading? ? plan.closure.suspects.first || "none" : plan.to_h.dig("build", "verdict")
            expect(by_core).to eq part.answer
            expect(part.options.keys).to include(part.answer, *part.slips.map(&:value))
            expect(part.slips.map(&:value)).not_to include(part.answer)
          end
        end
      end
    end

    it "asks the same of everybody in #{key}, and something else by another seed" do
      expect(drawn.call(key, 3, 7).document).to eq drawn.call(key, 3, 7).document
      expect(Array.new(12) { |seed| drawn.call(key, 3, seed).document }.uniq.length).to be > 10
    end
  end

  it "asks in inches with sixteenths at level 4, in round millimetres and without a covering at level 1" do
    inch, round = drawn.call("panel-width", 4, 1).document, drawn.call("panel-width", 1, 1).document
    expect(inch["units"]).to eq "in"
    expect(inch["survey"]["widths"].values.map { |width| width * 16 % 1 }).to all eq 0
    expect(round["survey"]["widths"].values.map { |width| width % 10 }).to all eq 0
    expect(round["survey"]["covering"]["thickness"]).to eq 0
  end

  {["nothing", 1, 1] => /no drill "nothing"/,
   ["tightest", 6, 1] => /"6" is no level: it takes a whole number from 1 to 5/,
   ["tightest", 1, -1] => /"-1" is no seed/, ["tightest", 1, "a"] => /"a" is no seed/}.each do |asked, says|
    it "says what there is instead of #{asked.join(", ")}" do
      expect { drawn.call(*asked) }.to raise_error(YellowTrack::Fault, says)
    end
  end
end
