// A lesson: a slider, or the arrow keys, picks one of the states that Ruby worked out beforehand.
export async function learnByMoving() {
  const form = document.querySelector("[data-learn]")
  if (!form) return
  const answer = await fetch(form.dataset.learn)
  if (!answer.ok) return
  const states = await answer.json()
  const slider = form.querySelector("input")
  const show = () => {
    const state = states[Number(slider.value)]
    document.querySelector("[data-learn-drawing]").innerHTML = state.drawing
    document.querySelector("[data-learn-value]").textContent = state.value
    document.querySelector("[data-learn-says]").textContent = state.says
    document.querySelector("[data-learn-sums]").replaceChildren(...state.sums.map((sum) => {
      const line = document.createElement("li")
      line.textContent = sum
      return line
    }))
    slider.setAttribute("aria-valuetext", state.value)
  }
  slider.addEventListener("input", show)
  show()
  form.dataset.ready = "true"
}
