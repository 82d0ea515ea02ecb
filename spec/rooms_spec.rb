# frozen_string_literal: true

# The arrows between the rooms go one way: web → store, drawing → core.
RSpec.describe "The rooms" do
  def text(room) = Dir["#{YellowTrack::ROOT}/#{room}/**/*.rb"].to_h { |file| [file, File.read(file).gsub(/^\s*#.*/, "")] }

  {"core" => /\b(Drawing|Store|Web|Demo|Data|Sequel|Sinatra|Puma|File|Dir|IO)\b(?!:)|YellowTrack::(Drawing|Store|Web|Demo|Data)/,
   "drawing" => /\b(Store|Web|Demo|Sequel|Sinatra|Puma|File|Dir)\b/,
   "store" => /\b(Drawing|Web|Demo|Sinatra|Puma)\b/,
   "data" => /\b(Drawing|Store|Web|Demo|Sequel|Sinatra)\b/}.each do |room, others|
    it "#{room} names nothing of a room above it" do
      expect(text(room)).not_to be_empty
      text(room).each { |file, code| expect(code).not_to match(others), file }
    end
  end

  it "core requires the standard library alone" do
    required = text("core").values.flat_map { |code| code.scan(/require "(.+)"/) }.flatten
    expect(required - %w[strscan json]).to eq []
  end

  it "loads every file by its name" do
    expect { YellowTrack::LOADER.eager_load }.not_to raise_error
  end
end
