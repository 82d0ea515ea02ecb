# frozen_string_literal: true

# A class that two sheets give rules to means two things at once: one sheet's style heaps another
# page's fields. Each name has one sheet, those of Bootstrap too.
RSpec.describe "Style sheets" do
  folder = "#{YellowTrack::ROOT}/web/public"
  sheets = Dir["#{folder}/css/*.css"].to_h { |path| [File.basename(path), File.read(path).gsub(%r{/\*.*?\*/}m, "")] }

  # Classes of what a rule is about: of each selector the last part.
  subjects = lambda do |sheet|
    sheet.scan(/([^{};]+)\{/).flatten.reject { |rule| rule.strip.start_with?("@") }.flat_map { |rule| rule.split(",") }
      .flat_map do |selector|
      selector.gsub(/:(has|not|is|where)\([^)]*\)/, "").strip.split(/[\s>+~]+/).last.to_s
        .scan(/\.([a-zA-Z_][\w-]*)/).flatten
    end
  end

  it "give no class its rules in two of them" do
    where = Hash.new { |all, name| all[name] = [] }
    sheets.each { |name, sheet| subjects.call(sheet).uniq.each { |css| where[css] << name } }
    expect(where.length).to be > 100
    expect(where.select { |_, names| names.length > 1 }).to eq({})
  end

  it "are all asked for by the page that draws them" do
    asked = File.read("#{YellowTrack::ROOT}/web/page/layout.erb") + File.read("#{YellowTrack::ROOT}/web/page/paper.erb")
    names = sheets.keys.map { |name| File.basename(name, ".css") }
    expect(names.reject { |name| asked.match?(/\b#{name}\b/) }).to eq []
  end
end
