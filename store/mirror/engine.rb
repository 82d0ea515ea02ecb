# frozen_string_literal: true

require "digest"
require "fileutils"
require "open3"
require "rubygems/remote_fetcher"
require "tmpdir"
require "uri"

module YellowTrack
  module Store
    class Mirror
      # Litestream for this machine: its binary comes in a package of the gems' registry, and is
      # taken out of it once, when its sum is right. What else the package brings is left.
      module Engine
        VERSION = "0.16.1" # of the package; of Litestream 0.5.17
        SUMS = {
          "x86_64-linux" => "3ae0da983d8eecc0f60045fcb2d61a0296655640422a7265afcb6273b5d780e2",
          "aarch64-linux" => "83dc16c214dbacf7d190aad729b9c3a25d4053259ddf65b7920a94e9224aefc1",
          "x86_64-darwin" => "d09ae3d1162db4606781adbb201365ffd3d4081cc712b257971b1aecc50def73",
          "arm64-darwin" => "46195f88b192e3a95215e6db61e254cbaeac42cb4126498e4bc7b4506a2ddb60"
        }.freeze

        module_function

        # @return [String] path of the binary; installed where it is missing
        # @raise [Fault] where there is none for this machine, or it cannot be had
        def path
          kind = platform
          file = "#{cache}/litestream-#{VERSION}-#{kind}"
          install(kind, file) unless File.executable?(file)
          file
        end

        # @return [String]
        # @raise [Fault]
        def platform(local = Gem::Platform.local)
          kind = "#{local.cpu}-#{local.os}"
          return kind if SUMS.key?(kind)

          raise Fault.new("There is no engine for a mirror on this machine (#{kind}); there is for " \
            "#{SUMS.keys.join(", ")}. A backup a day is made as before: copy its folder to another disk.",
            key: "mirror")
        end

        # Where the engine is kept.
        def cache = "#{ENV.fetch("XDG_CACHE_HOME") { "#{Dir.home}/.cache" }}/yellow-track"

        # Gets the engine, and proves that it is what we asked for.
        def install(kind, file)
          warn "Getting the engine for the mirror; it is kept."
          Dir.mktmpdir do |folder|
            package = fetched(kind, folder)
            run(folder, "gem", "unpack", package)
            FileUtils.mkdir_p(File.dirname(file))
            FileUtils.cp("#{package.delete_suffix(".gem")}/exe/#{kind}/litestream", "#{file}.new")
            File.chmod(0o755, "#{file}.new")
            File.rename("#{file}.new", file)
          end
        end

        # The package, from wherever gems come from on this machine.
        def fetched(kind, folder)
          package = "#{folder}/litestream-#{VERSION}-#{kind}.gem"
          File.binwrite(package, bytes(File.basename(package)))
          return package if Digest::SHA256.file(package).hexdigest == SUMS.fetch(kind)

          raise Fault.new("The engine for a mirror is not the one that is known: its sum differs. Nothing was " \
            "installed.", key: "mirror")
        end

        # A file of its package.
        def bytes(name)
          sources = Gem.sources.to_a
          Gem::RemoteFetcher.fetcher.fetch_path(URI.join(sources.first.to_s, "gems/#{name}"))
        rescue Gem::RemoteFetcher::FetchError, SocketError, SystemCallError => e
          raise Fault.new("The engine for a mirror could not be had: #{e.message.lines.first.to_s.strip[0, 200]}",
            key: "mirror")
        end

        # Outside the program's own set of gems.
        def run(folder, *words)
          clean = defined?(Bundler) ? Bundler.method(:with_unbundled_env) : :itself.to_proc
          out, status = clean.call { Open3.capture2e(*words, chdir: folder) }
          return if status.success?

          raise Fault.new("The engine for a mirror could not be had: #{out.lines.last.to_s.strip[0, 200]}",
            key: "mirror")
        end
      end
    end
  end
end
