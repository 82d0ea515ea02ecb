# frozen_string_literal: true

RSpec.describe YellowTrack::Moves do
  let(:random) { Random.new(RSpec.configuration.seed) }

  Kinds::ALL.each_key do |kind|
    describe kind do
      def moved(plan, share)
        plan.set.moves(plan.set.moves.all.to_h { |move| [move.name, move.from + (move.to - move.from) * share] })
      end

      it "stands closed until it is moved" do
        plan = plan_of(document_of(kind, random))
        moves = plan.set.moves
        expect(moves).to be_closed
        expect(moves.lefts).to eq plan.set.panels.map(&:x)
        expect(plan.set.moves(moves.all.to_h { |move| [move.name, "soup"] })).to be_closed
      end

      it "keeps every panel within its limits, and opens only what no panel covers" do
        10.times do
          plan = plan_of(document_of(kind, random))
          wanted = plan.set.moves.all.to_h { |move| [move.name, random.rand(-500.0..4000.0)] }
          moves = plan.set.moves(wanted)
          moves.all.each { |move| expect(move.value).to be_between(move.from - 1e-6, move.to + 1e-6) }
          moves.windows.each do |from, to|
            moves.spans.each { |left, right| expect(left >= to - 1e-6 || right <= from + 1e-6).to be true }
          end
        end
      end

      it "can open what the plan says is the widest" do
        plan = plan_of(document_of(kind, random, noise: 0.0))
        opened = [0.0, 1.0, 0.5].flat_map { |share| moved(plan, share).windows } + parted(plan)
        expect(opened.map { |from, to| (to - from).to_f }.max).to be_within(1).of(plan.set.widest.to_f)
      end

      # Each half of a bi-parting set to its own jamb.
      def parted(plan)
        moves = plan.set.moves.all
        half = moves.length / 2
        wanted = moves.each_with_index.to_h { |move, place| [move.name, (place < half) ? move.from : move.to] }
        plan.set.moves(wanted).windows
      end
    end
  end
end
