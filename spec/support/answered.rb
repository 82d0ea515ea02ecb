# frozen_string_literal: true

# What is typed for an answer to a question of practice, and what is done before.
module Answered
  module_function

  # @param part [YellowTrack::Practice::Part]
  # @param value [Object] an answer of its kind
  # @return [Hash{String => String}] by part, with its steps
  def typed(part, value)
    case part.kind
    when :length, :place then {part.key => "#{value.to_f.round(6)} mm"}
    when :layers then {part.key => value.map { |layer| layer.to_f.to_s.delete_suffix(".0") }.join(" + ")}
    when :bars then {part.key => value.join(" ")}
    when :turns then {"steps" => value.map { |move| move.join(",") }.join(" ")}
    when :cause then {part.key => value.cause, "steps" => value.asked.join(" ")}
    else {part.key => value.to_s}
    end
  end

  # Everything right, but for one part.
  #
  # @return [Hash{String => String}]
  def all(question, but: nil, value: nil)
    question.parts.reduce({}) { |all, part| all.merge(typed(part, part.equal?(but) ? value : part.answer)) }
  end

  # @return [Array<YellowTrack::Practice::Mark>]
  def marks(question, **rest) = YellowTrack::Desk::Answering.new(question, all(question, **rest)).marks
end
