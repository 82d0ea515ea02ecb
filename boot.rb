# frozen_string_literal: true

# The gems stand in a folder of their own, shared by every checkout
# (bin/setup). Under Bundler they are on the path already; a quick command
# such as bin/plan needs the loader alone and does without Bundler's start.
unless defined?(Bundler)
  cache = ENV.fetch("XDG_CACHE_HOME") { "#{Dir.home}/.cache" }
  gems = "#{cache}/yellow-track/gems/ruby/#{RbConfig::CONFIG["ruby_version"]}"
  Gem.use_paths(Gem.dir, [*Gem.path, gems])
end

begin
  require "zeitwerk"
rescue LoadError
  raise if defined?(Bundler)

  # A machine where nothing is installed yet: once, then go on.
  system("#{__dir__}/bin/setup", out: $stderr) || abort("bin/setup could not install what is missing.")
  Gem.refresh
  require "zeitwerk"
end

# Yellow Track sizes closet door sets: the rules live in core/, and each
# other room is a namespace of its own (see docs/working-on-it.md).
module YellowTrack
  ROOT = __dir__

  # The loader, one root directory a room. The folders of core, desk and web follow the order of the
  # work; they group, and are no namespace.
  LOADER = Zeitwerk::Loader.new
  LOADER.tag = "yellow_track"
  LOADER.push_dir("#{ROOT}/core", namespace: self)
  LOADER.collapse("#{ROOT}/core/*", "#{ROOT}/desk/*", *%w[page request serve].map { |folder| "#{ROOT}/web/#{folder}" })
  %w[bench demo desk drawing files practice store web].each do |room|
    namespace = const_set(room.capitalize, Module.new)
    LOADER.push_dir("#{ROOT}/#{room}", namespace:)
  end
  LOADER.inflector.inflect("svg" => "SVG")
  LOADER.ignore("#{ROOT}/store/migrations", "#{ROOT}/web/public")
  LOADER.setup
end
