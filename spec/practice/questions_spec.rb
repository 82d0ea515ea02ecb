# frozen_string_literal: true

require "support/share"

# Questions of every drill and level, by the commands that mark them, one of each here by the seed of the run. Over
# 500: `bin/bench practice`.
RSpec.describe YellowTrack::Practice::Drills do
  read = YellowTrack::Files::Commands.method(:read)
  anew = ->(key, level, seed) { described_class.question(key, level:, seed:, read:) }
  kept = {}
  drawn = ->(*asked) { kept[asked] ||= anew.call(*asked) }
  seeds = Share::WHOLE ? 0...500 : [RSpec.configuration.seed % 500]

  # What the command says of the question's own file, as it would be read from the disk.
  again = ->(question) { read.call(question.file, JSON.parse(JSON.generate(question.document))) }

  # Each command's own answers, by part.
  by_core = {
    "plan" => lambda do |opening, question|
      plan = YellowTrack::Plan.of(opening)
      question.parts.to_h do |part|
        entry = part.entry && plan.working[part.key].value
        entry ||= YellowTrack::Sure.new(opening, plan).named.map(&:key) if part.key == "once-more"
        entry ||= plan.closure.suspects.first || "none" if part.reading?
        entry ||= plan.to_h.dig("build", "verdict") if part.options&.key?("tall")
        entry ||= plan.to_h.dig("prepare", :packing, :left, :layers) if part.kind == :layers
        [part.key, entry]
      end
    end,
    "move" => lambda do |slider, question|
      part = question.parts.first
      told = {"turns" => slider.even? ? [] : [slider.counts("left" => slider.per_turn / 4,
        "right" => slider.per_turn / 4).values_at("left", "right")],
              "verdict" => {"even" => slider.even?, "off" => slider.off?, "bow" => slider.bowed?,
                            "end" => slider.move.nil?}.find { |_, holds| holds }&.first || "screws",
              "bow" => slider.bow}
      question.parts.to_h { |one| [one.key, told[one.key]] }.merge(part.key => told.fetch(part.key))
    end,
    "cut" => lambda do |cutting, question|
      rack = question.parts.first.stands_on
      fits = cutting.optimal? && rack.cost(rack.best) == cutting.cost &&
        (rack.longest_offcut(rack.best) - cutting.cuts.map(&:offcut).max).abs < 0.2
      {"bars" => fits ? question.parts.first.answer : cutting.to_h}
    end,
    "service" => ->(made, question) {
      {"cause" => YellowTrack::Practice::CauseMark::Said.new(question.document["findings"].keys,
        made.mends.empty? ? "none" : made.mends.map(&:key).join(","))}
    },
    "visits" => lambda do |visits, _|
      held = visits.chain.select { |one| %w[wait other].include?(one.by) }
      {"wait" => held.map { |one| visits.model.steps[one.place].opening }.uniq.then { |all| all.first if all.one? },
       "visits" => visits.to_h["visits"].length}
    end
  }

  described_class.all.each_key do |key|
    described_class::LEVELS.each do |level|
      it "has one best answer in #{key}, level #{level}, that its command gives, and every slip misses" do
        seeds.each do |seed|
          question = drawn.call(key, level, seed)
          told = by_core.fetch(question.file).call(again.call(question), question).compact
          question.parts.each do |part|
            next expect(told[part.key]).to include("survey.#{part.answer}") if part.key == "once-more"

            told.key?(part.key) && expect(told[part.key]).to(part.length? ?
              be_within(1e-6).of(part.answer) : eq(part.answer))
            expect(part.entry.again).to eq part.answer if part.entry
            slips = part.slips.map(&:value)
            expect(slips).not_to include(part.answer)
            good = YellowTrack::Practice::Mark::GOOD.fetch(question.units)
            expect(slips.map { |slip| (slip - part.answer).abs }).to all be > good if part.length?
            expect(part.options.keys).to include(part.answer, *slips) if part.choice?
          end
          expect(question.parts.flat_map(&:slips)).not_to be_empty
        end
      end
    end

    it "marks the right answer of #{key} exact, and names every slip" do
      described_class::LEVELS.each do |level|
        seeds.first(6).each do |seed|
          question = drawn.call(key, level, seed)
          expect(Answered.marks(question).map(&:grade)).to all eq :exact
          question.parts.each do |part|
            part.slips.each do |slip|
              mark = Answered.marks(question, but: part, value: slip.value).find { |one| one.part.equal?(part) }
              expect([mark.grade, mark.slip&.words]).to match [not_eq(:exact), be_a(String)]
              expect(part.slips.select { |one| one.value == slip.value }.map(&:words)).to include(mark.slip.words)
            end
          end
        end
      end
    end

    it "asks the same of everybody in #{key}, and something else by another seed" do
      expect(anew.call(key, 3, 7).document).to eq drawn.call(key, 3, 7).document
      expect(Array.new(6) { |seed| drawn.call(key, 3, seed).document }.uniq.length).to be > 4
    end
  end

  # The job with one opening's waits and days of others as short as they can be.
  shortened = lambda do |document, letter|
    steps = document["steps"].map do |step|
      next step unless step["opening"] == letter

      after = step["after"]&.map { |one| one.slice("step") }
      step.merge({"days" => step["days"] && 1, "after" => after}.compact)
    end
    document.merge("steps" => steps)
  end

  described_class::LEVELS.each do |level|
    it "asks what holds up, level #{level}, only where that wait alone brings the end forward" do
      seeds.each do |seed|
        question = drawn.call("holds-up", level, seed)
        ended = read.call("visits", question.document).to_h["end"]
        sooner = question.parts.first.options.keys.select do |letter|
          read.call("visits", shortened.call(question.document, letter)).to_h["end"] < ended
        end
        expect(sooner).to eq [question.parts.first.answer]
      end
    end

    it "shows every limit that decides whether doors go in, level #{level}" do
      seeds.each do |seed|
        question = drawn.call("does-it-fit", level, seed)
        kit = question.subject.kit
        expect(question.given.values).to include(kit.fetch("drop"), kit.fetch("gap.least"), kit.fetch("gap.most"),
          kit.fetch("gap.design"))
      end
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
