// One question after the other: once an answer is taken, the keyboard is at the next
// one; where a symptom was pressed, it stays there.
export function askOn() {
  let pressed = null
  document.addEventListener("click", keepPressed, true)
  document.addEventListener("htmx:beforeRequest", ({ detail }) => {
    if (detail.elt.matches?.(".answer, .symptom")) pressed = detail.elt
  })
  document.addEventListener("htmx:oobAfterSwap", ({ detail }) => {
    if (!pressed || detail.target.id !== "look") return
    const next = pressed.matches(".answer") ? ".answers button, .answers input" : `#${pressed.id} button`
    pressed = null
    document.querySelector(next)?.focus()
  })
}

// What was pressed stays in its form, so that it can be sent again.
function keepPressed(event) {
  const button = event.target.closest?.("form.field button[name=value]")
  if (!button) return
  const form = button.form
  form.querySelectorAll("button[name=value]").forEach((one) => one.removeAttribute("name"))
  const kept = form.querySelector("[data-pressed]") ?? form.appendChild(document.createElement("input"))
  Object.assign(kept, { type: "hidden", name: "value", value: button.value })
  kept.dataset.pressed = ""
}
