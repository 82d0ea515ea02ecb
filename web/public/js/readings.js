// Enter goes to the next reading; the tape line of the reading in hand is
// drawn strong.
export function enterGoesOn() {
  document.addEventListener("keydown", (event) => {
    if (event.key !== "Enter" || !event.target.matches(".field input:not([type=checkbox])")) return
    event.preventDefault()
    const inputs = [...document.querySelectorAll(".field input:not([type=hidden]), .field select")]
      .filter((one) => one.checkVisibility())
    const next = inputs[inputs.indexOf(event.target) + 1]
    const detail = { from: event.target, to: next }
    if (!document.dispatchEvent(new CustomEvent("reading:next", { detail, cancelable: true }))) return
    // Leaving the field is what saves it.
    next ? next.focus() : event.target.blur()
    next?.select?.()
  })
  document.addEventListener("focusin", light)
  document.addEventListener("htmx:oobAfterSwap", () => light({ target: document.activeElement }))
}

function light({ target }) {
  const key = target?.closest?.(".tapes .field")?.elements.key.value
  const lines = document.querySelectorAll(".tape")
  lines.forEach((line) => line.classList.toggle("now", `survey.${line.dataset.reading}` === key))
}
