# frozen_string_literal: true

RSpec.describe YellowTrack::Store::Tries do
  subject(:tries) { @book.tries }

  let(:now) { Time.utc(2027, 3, 1, 6) }

  around do |example|
    Dir.mktmpdir do |folder|
      @book = Template.copied(:empty, "#{folder}/book.sqlite3") { |_| nil }
      example.run
      @book.close
    end
  end

  def wrong(login = "runa", device = nil) = tries.wrong(login, device, name: "Runa", from: "a phone", now:)

  def seconds(login = "runa", device = nil, at: now) = tries.wait(login, device, now: at).seconds

  it "makes one wait after five wrong passwords, twice as long each time, a quarter of an hour at most" do
    expect(Array.new(14) { wrong && seconds }).to eq [0, 0, 0, 0, 30, 60, 120, 240, 480, 900, 900, 900, 900, 900]
    expect(seconds(at: now + 901)).to eq 0
    tries.right("runa", nil)
    expect(seconds).to eq 0
  end

  it "makes nobody wait for longer since the clock was set back, and begins anew after a day" do
    5.times { wrong }
    expect(seconds(at: now - 86_400)).to eq 0
    expect(tries.wrong("runa", nil, name: nil, from: "", now: now + 90_000)).to eq 1
  end

  it "counts a device that was in before by itself, and names apart" do
    6.times { wrong }
    expect([seconds("runa", "d1"), seconds("odo"), seconds]).to eq [0, 0, 60]
    5.times { wrong("runa", "d1") }
    expect([seconds("runa", "d1"), seconds("runa", "d2")]).to eq [30, 0]
  end

  it "lists the latest wrong ones, and no more than it keeps" do
    (described_class::LISTED + 5).times { |turn| tries.wrong("x#{turn}", nil, name: nil, from: "phone #{turn}", now:) }
    expect(tries.listed(2).map { |one| [one.name, one.device] }).to eq [[nil, "phone 204"], [nil, "phone 203"]]
    expect(tries.listed(1_000).length).to eq described_class::LISTED
  end
end
