# frozen_string_literal: true

source "https://rubygems.org"

ruby ">= 3.1"

gem "erubi", "~> 1.13" # ERB that escapes by default
gem "icalendar", "~> 2.10" # visits as calendars read them
gem "mini_magick", "~> 5.0" # pictures of the log, through ImageMagick
gem "prawn", "~> 2.5" # the papers
gem "puma", "~> 6.6"
gem "rqrcode_core", "~> 1.2" # the way from a paper back to its page
gem "rubyzip", "~> 2.4", require: "zip" # a whole job as one file
gem "sequel", "~> 5.90"
gem "sinatra", "~> 4.1"
gem "sqlite3", "~> 2.6"
gem "zeitwerk", "~> 2.6"

# The versions Ruby 3.1 brings along: nothing to compile.
gem "bigdecimal", "3.1.1"
gem "json", "2.6.1"

group :test do
  gem "axe-core-api", "~> 4.10" # carries the axe script that the browser specs run
  gem "capybara", "~> 3.40"
  gem "json_schemer", "~> 2.4" # the referee of our own quick schema check
  gem "nokogiri", "~> 1.16.0" # the last with a build that needs no compiler here
  gem "racc", "1.6.0"
  gem "rack-test", "~> 2.2"
  gem "rspec", "~> 3.13"
  gem "rubocop-ast", "< 1.43" # later ones compile a parser
  gem "selenium-webdriver", "~> 4.32.0"
  gem "standard", "1.47.0"
end
