# frozen_string_literal: true

# Rounds of practice on a site: begun, looked at, answered.
module Practised
  def begin_round(drill = "tightest")
    send_form("/practice/rounds", {"drill" => drill})
    last_response["location"][%r{/practice/rounds/\d+}]
  end

  def states(path) = practising.states(practising.round(path[/\d+\z/].to_i))

  def practising = YellowTrack::Desk::Practising.new(book, book.accounts.named(Site::FITTER).id)

  # Answers a question of a round as it is right, or as is said.
  def answer_all(path, place, **wrong)
    question = practising.question(states(path)[place].asked)
    typed = Answered.all(question, **wrong)
    typed.delete("steps").to_s.split.each_with_index { |step, seen| send_step(path, place, step, seen) }
    send_form(path, {"place" => place.to_s, "part" => typed}) unless states(path)[place].done?
  end

  # A move, "-3,0", or a finding that is asked.
  def send_step(path, place, step, seen)
    left, right = step.split(",")
    done = right ? {"do" => "turn", "turn" => {"left" => left, "right" => right}} : {"do" => "ask", "ask" => step}
    send_form(path, {"place" => place.to_s, "seen" => seen.to_s, **done})
  end
end
