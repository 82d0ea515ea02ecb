# frozen_string_literal: true

# What the code is held to, read off its own files: bin/bench house has the whole table.
RSpec.describe "The house" do
  read = nil # once: all of the code's files

  define_method(:methods_of_house) { read ||= YellowTrack::Bench::House.new.methods_of }

  it "says of every public method what it gives" do
    silent = methods_of_house.select(&:public).reject(&:said)
    expect(silent.map { |one| "#{one.file}:#{one.line} #{one.name}" }).to eq []
  end

  it "takes three arguments by position at most" do
    many = methods_of_house.select { |one| one.positional > 3 }
    expect(many.map { |one| "#{one.file}:#{one.line} #{one.name}" }).to eq []
  end

  it "has no method that is longer than a look takes in" do
    long = methods_of_house.select { |one| one.lines > 22 }
    expect(long.map { |one| "#{one.file}:#{one.line} #{one.name}" }.length).to be <= 2, long.join("\n")
  end
end
