# frozen_string_literal: true

# The arrows between the rooms go one way: web → desk → store, drawing, files → core.
RSpec.describe "The rooms" do
  def text(room)
    Dir["#{YellowTrack::ROOT}/#{room}/**/*.rb"].to_h { |file| [file, File.read(file).gsub(/^\s*#.*/, "")] }
  end

  {"core" => /\b(Practice|Drawing|Store|Desk|Web|Demo|Sequel|Sinatra|Puma|File|Dir|IO)\b(?!:)|\bFiles::/,
   "files" => /\b(Drawing|Store|Desk|Web|Demo|Sequel|Sinatra)\b/,
   "practice" => /\b(Drawing|Store|Desk|Web|Demo|Sequel|Sinatra|Puma|File|Dir|IO)\b(?!:)|\bFiles::/,
   "drawing" => /\b(Store|Desk|Web|Demo|Sequel|Sinatra|Puma|File|Dir)\b|\bFiles::/,
   "store" => /\b(Drawing|Desk|Web|Demo|Sinatra|Puma)\b|\bFiles::/,
   "desk" => /\b(Web|Demo|Sinatra|Puma|Rack|Tilt)\b|<[a-z]+[ >]|"\/|Paths/,
   "demo" => /\b(Web|Sinatra|Puma|Rack)\b/}.each do |room, others|
    it "#{room} names nothing of a room above it" do
      expect(text(room)).not_to be_empty
      text(room).each { |file, code| expect(code).not_to match(others), "#{file}: #{code[others]}" }
    end
  end

  it "has the papers and the benches take openings off the desk, not out of the web" do
    reaching = text("bench").merge(text("drawing")).reject do |file, _|
      file.end_with?("bench/site.rb", "bench/server.rb")
    end
    reaching.each { |file, code| expect(code).not_to match(/\bWeb\b/), file }
  end

  it "core requires the standard library alone" do
    required = text("core").values.flat_map { |code| code.scan(/require "(.+)"/) }.flatten
    expect(required - %w[strscan json forwardable date]).to eq []
  end

  it "has the store asked for SQL alone" do
    beside = "web/sign_in/rules.rb" # rodauth asks for its own tables
    %w[desk web demo drawing files core practice].flat_map { |room| text(room).to_a }.each do |file, code|
      expect(code).not_to match(/\.db\b|\.where\(/), file unless file.end_with?(beside)
    end
  end

  it "has lengths written by the printers of core/length alone" do
    %w[practice desk web drawing files store demo].flat_map { |room| text(room).to_a }.each do |file, code|
      expect(code).not_to include("Printer.new"), file
    end
  end

  it "asks no set which family it is, outside the registry of manners" do
    asked = /is_a\?\((YellowTrack::)?(Bypass|Bifold|Pocket)\)|kind == :fold|support \|\| family|family [!=]= "[a-z]|
      case [\w.]*\bfamily\b|respond_to\?\(:(?!each|call)|motion == "/x
    %w[core practice desk web drawing files].flat_map { |room| text(room).to_a }.reject do |file, _|
      file.end_with?("core/choose/manner.rb")
    end
      .each { |file, code| expect(code).not_to match(asked), "#{file}: #{code[asked]}" }
  end

  it "names nothing of a room above it in a string or a symbol either, and asks for no class by one" do
    above = {"core" => %w[practice drawing store files desk web], "drawing" => %w[desk web], "store" => %w[desk web],
             "files" => %w[drawing store desk web], "practice" => %w[desk drawing web], "desk" => %w[web]}
    above.each do |room, rooms|
      classes = ->(*of) { of.flat_map { |one| text(one).values.join.scan(/^ *(?:class|module) ([A-Z]\w+)/) }.flatten }
      humped = (classes[*rooms] - classes[room] - ["YellowTrack"]).uniq.grep(/[a-z][A-Z]/)
      named = /(?:["']|(?<!:):)(?:#{Regexp.union(humped)})\b|const_get/
      text(room).each { |file, code| expect(code).not_to match(named), "#{file}: #{code[named]}" }
    end
  end

  it "has a class for every manner in each room's own table" do
    yellow, rows = YellowTrack, YellowTrack::Manner::ROWS
    by_key = [yellow::Sets.all, yellow::Drawing::Elevation.kinds, yellow::Drawing::Sections.kinds]
    by_motion = [yellow::Drawing::Above.kinds, yellow::Desk::Tally.kinds]
    adjusted = [yellow::Adjust::Controls, yellow::Adjust::Checks, yellow::Drawing::BenchView,
      yellow::Drawing::Responses]
    expect(by_key.map(&:keys)).to all eq rows.keys
    expect(by_motion.map(&:keys)).to all eq rows.values.map(&:motion).uniq
    expect(adjusted.map { |one| one.kinds.keys }).to all eq %i[slide fold]
    expect(yellow::Web::StageScreens.all.keys).to match_array yellow::Desk::Stage.all.map(&:key)
  end

  it "has no helper of a route that takes the place of another's" do
    web = YellowTrack::Web
    helpers = web::Routes.constants.flat_map do |name|
      routes = web::Routes.const_get(name)
      routes.constants.map { |inner| routes.const_get(inner) }.grep(Module).grep_v(Class)
    end
    names = [web::Asking, web::Admission, *helpers].flat_map { |one|
      one.instance_methods(false) + one.private_instance_methods(false)
    }
    expect(names.tally.select { |_, count| count > 1 }.keys).to eq []
    expect(names & web::App.superclass.instance_methods).to eq []
  end

  it "has no route that says more than fifteen lines when it is registered" do
    text("web/routes").each do |file, code|
      body = code[/def self\.registered\(app\)\n(.*?)\n        end\n/m, 1]
      expect(body.lines.length).to be <= 15, file if body
    end
  end

  it "loads any file first: none waits for one that waits for it" do
    names = %w[Desk::ServiceFields Desk::Fields Desk::Stage Web::App Visits Plan]
    first = "require '#{YellowTrack::ROOT}/boot'; YellowTrack; %w[#{names.join(" ")}].each { |name| " \
      "puts name if Process.wait2(fork { YellowTrack.const_get(name).name }).last.to_i != 0 }"
    expect(IO.popen([RbConfig.ruby, "-e", first, err: %i[child out]], &:read)).to eq ""
  end

  it "loads every file by its name" do
    expect { YellowTrack::LOADER.eager_load }.not_to raise_error
  end
end
