# frozen_string_literal: true

# A door that others hung, taken in and spoken of as on its pages.
module Served
  def self.included(group)
    group.include Site
    group.let(:job) { book.jobs.add(name: "Tern House", units: "mm") }
    group.let(:id) do
      send_form("/jobs/#{job.id}/service", {"name" => "Old slider", "family" => "bottom-rolling"})
      last_response["location"][%r{/openings/(\d+)/look}, 1].to_i
    end
  end

  def row = book.openings.find(id)

  def service = YellowTrack::Desk::KeptOpening.new(book, row).service

  def say(key, value, stage: "look", seen: row.version) = type(row, key, value, stage:, seen:)

  def tick(step, stage: "mend", **rest)
    send_form("/openings/#{id}/service/steps", {"step" => step, "stage" => stage, **rest.transform_keys(&:to_s)})
  end

  # From "it scrapes" to a worn wheel.
  def named
    say("service.symptoms", "scrapes")
    {"came" => "slowly", "low" => "both_ends", "old_wheels" => "yes", "house" => "no"}.each do |key, answer|
      say("service.findings.#{key}", answer)
    end
    say("service.cause", "wheel_worn")
  end
end
