# frozen_string_literal: true

require "debride"
require "stringio"
require "yaml"

# Nothing is kept that nothing reaches: methods, templates, style rules, keys of the data. What is
# reached from outside, or by a name that is put together, stands here with its reason.
RSpec.describe "What nothing reaches" do
  root = YellowTrack::ROOT
  rooms = %w[core practice desk drawing files store web demo bench]
  read = ->(*patterns) {
    patterns.flat_map { |pattern| Dir["#{root}/#{pattern}"] }.reject { |file| file.include?("/vendor/") }
      .select { |file| File.file?(file) }.to_h { |file| [file, File.read(file)] }
  }

  let(:code) { read[*rooms.map { |room| "#{room}/**/*.rb" }, "boot.rb"] }
  let(:templates) { read["web/**/*.erb"] }
  let(:scripts) { read["web/public/**/*.js"] }
  let(:styles) { read["web/**/*.css"] }
  let(:commands) { read["bin/*"] }

  # By what calls them, where that is not a line of ours.
  called = {
    "Ruby, for keys of a hash" => %w[eql?],
    "Sinatra" => %w[registered dump_errors! setup_default_middleware],
    "Puma" => %w[setup_body],
    "Rack's session and its token" => %w[encryptors global_token],
    "rodauth" => %w[open_account? set_error_flash set_notice_flash set_notice_now_flash set_redirect_error_flash],
    "the steps' file, by `each`" => %w[leaf lane pair treatment],
    "the steps' file, by `place`" => %w[aligners],
    "a drill that draws its kind of job" => %w[filler]
  }

  it "are no methods" do
    found = Debride.run(rooms.map { |room| "#{root}/#{room}" }).missing
    elsewhere = [*templates.values, *commands.values].join("\n")
    all = code.values.join("\n").gsub(/attr_reader [:\w, \n]+?$(?<!,)|Struct\.new\([^)]*\)|private_constant .*/, "")
    dead = found.flat_map { |owner, names| names.map { |name| [owner, name.to_s] } }.reject do |_, name|
      bare = Regexp.escape(name.sub(/[=?!]\z/, ""))
      constant = name.include?("::") # those that a Struct is given after it was made
      constant || called.values.flatten.include?(name) || elsewhere.match?(/\b#{bare}\b/) ||
        all.match?(/\b#{bare}:\s*[,})\n]|(?<!:):"?#{bare}\b(?!"?\s*=>?\s*def)/)
    end
    expect(dead.map { |owner, name| "#{owner}##{name}" }).to eq []
  end

  it "are no templates" do
    asked = [*code.values, *templates.values].join("\n")
    # Named by their screens, or by what they show.
    made_up = %r{\A(practice/(scenes|answers|given)|sign_in|kits)/|/page\z}
    names = templates.keys.map { |file| file.delete_prefix("#{root}/web/").delete_suffix(".erb") }
    expect(names.reject { |name| name.match?(made_up) || asked.include?("\"#{name}\"") }).to eq []
  end

  it "are no classes of a style sheet, and no names of its values" do
    pages = [*code.values, *templates.values, *scripts.values].join("\n")
    composed = ->(name) { # "mark-#{level}", "rows#{count}"
      name.match?(/\A(rows|[xy])\d+\z/) ||
        name.each_char.with_index.any? { |one, at|
          one == "-" && pages.match?(/(?<![\w-])#{name[..at]}(?:#\{|<%=|\$\{|")/)
        }
    }
    classes = styles.values.join.gsub(%r{/\*.*?\*/}m, "").scan(/\.([a-zA-Z_][\w-]*)(?=[^{}]*\{)/).flatten.uniq
    expect(classes.reject { |name| composed[name] || pages.match?(/(?<![\w-])#{name}(?![\w-])/) }).to eq []
    sheets = [*styles.values, YellowTrack::Web::Routes::Wall::LINES].join # the lines of drawings have roles too
    values = sheets.scan(/(--[a-z][\w-]*)\s*:/).flatten.uniq
    expect(values.grep_v(/\A--bs-/).reject { |name| "#{sheets}#{pages}".include?("var(#{name}") }).to eq []
  end

  it "are no keys of the data" do
    asked = [*code.values, *templates.values].join("\n")
    kinds = %w[steps visits house_rules kit_keys tools cautions hand_over]
    keys = kinds.flat_map { |name|
      rows = YAML.load_file("#{root}/data/#{name}.yml")
      rows = rows.values.flatten(1) if rows.is_a?(Hash)
      rows.grep(Hash).flat_map(&:keys)
    }.uniq
    expect(keys.reject { |key| asked.match?(/(?<![\w.])["':]?#{Regexp.escape(key)}\b/) }).to eq []
  end
end
