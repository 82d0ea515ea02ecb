# frozen_string_literal: true

require "fileutils"
require "tmpdir"

# Books that are made once and copied for each example: a new one takes longer than most
# of what is asked of it.
module Template
  @made = {}

  module_function

  # @param name [Symbol]
  # @param path [String] that the copy is to have
  # @yieldparam book [YellowTrack::Store::Book] to be filled, the first time
  # @return [YellowTrack::Store::Book] open
  def copied(name, path, &)
    FileUtils.cp(@made[name] ||= made(name, &), path)
    YellowTrack::Store::Book.open(path)
  end

  def made(name)
    folder = Dir.mktmpdir
    at_exit { FileUtils.rm_rf(folder) }
    path = "#{folder}/#{name}.sqlite3"
    book = YellowTrack::Store::Book.open(path)
    yield book
    book.close
    path
  end
end
