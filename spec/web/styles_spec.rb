# frozen_string_literal: true

# A class that two sheets give rules to means two things at once: one sheet's style heaps another
# page's fields. Each name has one sheet; a page's sheet speaks of that page alone.
RSpec.describe "Style sheets" do
  web = "#{YellowTrack::ROOT}/web"
  shared = Dir["#{web}/public/css/*.css"].to_h { |path| [File.basename(path), File.read(path)] }
  own = YellowTrack::Web::Styles::OWN
  bare = ->(sheet) { sheet.gsub(%r{/\*.*?\*/}m, "").gsub(/@layer [a-z, ]+;/, "") }

  # Selectors of a sheet, each by itself.
  selectors = lambda do |sheet|
    bare[sheet].scan(/([^{};]+)\{/).flatten.reject { |rule| rule.strip.start_with?("@") }
      .flat_map { |rule| rule.gsub(/:(has|not|is|where)\([^)]*\)/, "").split(",") }.map(&:strip)
  end

  # Classes of what a rule is about: of each selector the last part.
  subjects = ->(sheet) {
    selectors[sheet].flat_map { |one| one.split(/[\s>+~]+/).last.to_s.scan(/\.([a-zA-Z_][\w-]*)/).flatten }.uniq
  }

  it "give no class its rules in two of them" do
    where = Hash.new { |all, name| all[name] = [] }
    shared.merge(own).each { |name, sheet| (subjects.call(sheet) - %w[paper]).each { |css| where[css] << name } }
    expect(where.length).to be > 200
    expect(where.select { |_, names| names.length > 1 }).to eq({}) # but of paper: its roles are base's
  end

  it "stand in a layer, whole" do
    layers = shared.merge(own).transform_values do |sheet|
      bare[sheet].strip.then { |text| text[/\A@layer (base|parts|page) \{/, 1] if text.count("{") == text.count("}") }
    end
    expect(layers.values_at(*own.keys)).to all eq "page"
    expect(layers.values_at(*shared.keys - %w[base.css paper.css])).to all eq "parts"
    expect(layers.values_at("base.css", "paper.css")).to eq %w[base page]
  end

  it "name the pages of their own folder at the head of every rule" do
    own.each do |folder, sheet|
      strangers = selectors[sheet].reject { |one| one.start_with?(".page-#{folder} ") }
      expect(strangers).to eq([]), "#{folder}: #{strangers.first(3).join(", ")}"
    end
  end

  it "write a colour as one of the roles, and the roles in one sheet" do
    shared.except("base.css").merge(own).each do |name, sheet|
      written = /#\h{3,8}\b(?![^{]*\{)|\b(?:rgb|hsl)a?\([^)]*\)|:[^;{}]*\b(?:white|black)\b(?!-)[^;{}]*;/
      colours = bare[sheet].scan(written)
      expect(colours).to eq([]), "#{name}: #{colours.first}"
    end
  end

  it "write type in one of five sizes; a drawing has its own, and paper, and what is read from two metres" do
    shared.except("base.css", "drawing.css", "paper.css").merge(own).each do |name, sheet|
      sizes = bare[sheet].scan(/font-size:\s*([^;}]+)/).flatten.uniq
      roles = %w[figure title name text note far].map { |role| "var(--#{role})" }
      expect(sizes - roles - %w[inherit 0.9em]).to eq([]), name
    end
  end

  it "are under 60 kB a page, before compression" do
    bytes = ->(path) {
      own.fetch(path[%r{\A/pages/(\w+)\.css}, 1]) { File.read("#{web}/public#{path}") }.bytesize
    }
    always = bytes["/vendor/bootstrap.min.css"] + YellowTrack::Web::Routes::Wall::LINES.bytesize
    heaviest = own.keys.map { |folder| always + YellowTrack::Web::Styles.of(folder).sum(&bytes) }.max
    expect(heaviest).to be < 60_000
  end

  it "are all asked for by some page" do
    styles = YellowTrack::Web::Styles
    asked = [*styles::PARTS, *styles::OF_PAPER, *styles::FEW.keys].map { |path| File.basename(path) }
    expect(shared.keys - asked).to eq []
    folders = Dir["#{web}/*/*.erb"].map { |file| File.basename(File.dirname(file)) }
    expect(own.keys - folders).to eq []
  end
end
