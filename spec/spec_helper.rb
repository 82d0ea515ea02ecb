# frozen_string_literal: true

require "bundler/setup"
require "nokogiri"
require_relative "../boot"

$LOAD_PATH.unshift(__dir__)
ENV["APP_ENV"] = "test"
# The room that bin/test gives to what runs the examples: a command that one of them starts is over too soon to need it.
ENV.delete_if { |name, _| name.start_with?("RUBY_GC_", "LD_PRELOAD") }
%w[openings cases choices check_tables boards crews doors kinds template site served answered practised sums sliders]
  .each { |name| require "support/#{name}" }

RSpec::Matchers.define_negated_matcher(:not_include, :include)
RSpec::Matchers.define_negated_matcher(:not_eq, :eq)

RSpec.configure do |config|
  config.expect_with(:rspec) { |expectations| expectations.syntax = :expect }
  config.disable_monkey_patching!
  config.shared_context_metadata_behavior = :apply_to_host_groups
  config.include Openings
  config.include Kinds
  config.include Sliders
  Kernel.srand config.seed
end
