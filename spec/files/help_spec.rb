# frozen_string_literal: true

require "open3"
require "support/share"

# Every command says what it does, its words and an example; words that it does not know are a
# sentence and status 2, and do nothing.
RSpec.describe "Commands" do
  commands = Dir["#{YellowTrack::ROOT}/bin/*"].map { |path| File.basename(path) } - %w[env room]

  def run(*words) = Open3.capture3(*words, chdir: YellowTrack::ROOT, stdin_data: "")

  Share.of(commands, 6).each do |name|
    it "bin/#{name} --help says what it does, what it takes, and an example" do
      said, wrong, status = run("bin/#{name}", "--help")
      expect([wrong, status.exitstatus]).to eq ["", 0]
      expect(said).to match(%r{bin/#{name}\b}).and match(%r{^Example: bin/#{name}\b})
      expect(said.lines.first).to match(/\A[A-Z]/)
    end
  end

  Share.of(commands - %w[test], 6).each do |name|
    it "bin/#{name} refuses a word that it does not know, in a sentence" do
      said, wrong, status = run("bin/#{name}", "--nonsense")
      expect([said, status.exitstatus]).to eq ["", 2]
      expect(wrong.lines.length).to eq 1
      expect(wrong).to match(/nonsense/).and match(/\.\n\z/)
    end
  end

  it "makes no folder of what is no folder" do
    run("bin/backup", "--help")
    expect(File.exist?("#{YellowTrack::ROOT}/--help")).to be false
  end
end
