# frozen_string_literal: true

source "https://rubygems.org"

ruby ">= 3.1"

gem "erubi", "~> 1.13" # ERB that escapes by default
gem "icalendar", "~> 2.10" # visits as calendars read them
gem "mini_magick", "~> 5.0" # pictures of the log, through ImageMagick
gem "prawn", "~> 2.5" # the papers
gem "bcrypt", "~> 3.1" # passwords
gem "puma", "~> 6.6"
gem "rack-attack", "~> 6.7" # how often who may try
gem "roda", "~> 3.90" # what rodauth stands on
gem "rodauth", "~> 2.40" # accounts, sessions, second factor
gem "rotp", "~> 6.3" # the second factor's codes
gem "rqrcode", "~> 3.0" # the way from a paper back to its page; the second factor as a picture
gem "rubyzip", "~> 2.4", require: "zip" # a whole job as one file
gem "sequel", "~> 5.90"
gem "sinatra", "~> 4.1"
gem "sqlite3", "~> 2.6"
gem "zeitwerk", "~> 2.6"

# The versions Ruby 3.1 brings along: nothing to compile.
gem "bigdecimal", "3.1.1"
gem "json", "2.6.1"

group :test do
  gem "debride", "~> 1.15.2" # methods that nothing calls
  gem "axe-core-api", "~> 4.10" # carries the axe script that the browser specs run
  gem "capybara", "~> 3.40"
  gem "json_schemer", "~> 2.4" # the referee of our own quick schema check
  gem "nokogiri", "~> 1.16.0" # the last with a build that needs no compiler here
  gem "racc", "1.6.0"
  gem "rack-test", "~> 2.2"
  gem "rspec", "~> 3.13"
  gem "parallel_tests", "~> 4.7" # the suite over all cores, split by the time that each file took
  gem "rubocop-ast", "< 1.43" # later ones compile a parser
  gem "selenium-webdriver", "~> 4.32.0"
  gem "standard", "1.47.0"
  gem "timecop", "~> 0.9" # the day that specs are run on
end
