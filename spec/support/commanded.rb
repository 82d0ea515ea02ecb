# frozen_string_literal: true

require "open3"
require "tempfile"

# A command run as its users run it: by itself, or inside a copy of this process, which has all of it loaded already.
module Commanded
  # @param status [Integer] that it ended with
  Said = Struct.new(:output, :errors, :status)

  module_function

  # @return [Said] of a command that is started as its users start it
  def alone(name, *words, input: "")
    *said, ended = Open3.capture3("#{YellowTrack::ROOT}/bin/#{name}", *words, stdin_data: input)
    Said.new(*said, ended.exitstatus)
  end

  # @param name [String] of a Ruby command of bin/
  # @param words [Array<String>]
  # @param input [String] what it reads
  # @return [Said]
  def inside(name, *words, input: "")
    files = {$stdin => input, $stdout => "", $stderr => ""}.to_h do |io, text|
      [io, Tempfile.create.tap { |file| file.write(text) && file.rewind }]
    end
    _, ended = Process.wait2(fork { copy("#{YellowTrack::ROOT}/bin/#{name}", words, files) })
    said = files.values_at($stdout, $stderr).map { |file| File.read(file.path, encoding: "UTF-8") }
    Said.new(*said, ended.exitstatus)
  ensure
    files.each_value { |file| file.close && File.unlink(file.path) }
  end

  # What stands at the end of this process is not for its copy to do.
  def copy(path, words, files)
    files.each { |io, file| io.reopen(file) }
    [$stdout, $stderr].each { |io| io.sync = true }
    ARGV.replace(words)
    load path
    exit!(0)
  rescue SystemExit => e
    exit!(e.status)
  end
end
