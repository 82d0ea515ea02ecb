# frozen_string_literal: true

# Made-up doors that hang badly: a family, things, symptoms, and answers.
module Doors
  ALL = YellowTrack::Files::Knowledge.all

  module_function

  # @return [Array(String, Hash{String => Boolean, nil}, Array<String>)] family, things, symptoms
  def any(random)
    family = ALL.families.sample(random:)
    things = ALL.things.keys.to_h { |key| [key, [true, false, nil].sample(random:)] }
    said = YellowTrack::Files::Knowledge.of(family).symptoms.values
      .select { |symptom| symptom.if.nil? || things[symptom.if] != false }
    [family, things, said.sample(random.rand(1..2), random:).map(&:key)]
  end

  def diagnosis(door, findings = {}, **rest)
    family, things, symptoms = door
    YellowTrack::Diagnosis.new(YellowTrack::Files::Knowledge.of(family), symptoms:, things: all_things(things),
      findings:, **rest)
  end

  # Things as they are known; of a list all others are lacking.
  def all_things(things)
    return things if things.is_a?(Hash)

    ALL.things.keys.to_h { |key| [key, things.include?(key)] }
  end

  # Some of its questions answered at random.
  #
  # @return [Hash{String => String}]
  def answered(door, random, count: 5)
    made = diagnosis(door)
    made.fitting.sample(count, random:).to_h { |finding| [finding.key, made.answers(finding).sample(random:)] }
  end

  # An answer as a cause would give it.
  def answer_of(made, finding, cause, random)
    left = random.rand
    row = made.likelihoods.of(finding, cause)
    row.find { |_, chance| (left -= chance) <= 0 }&.first || row.keys.last
  end
end
