// A form that holds what cannot be typed again in a moment is only sent once the server is
// heard: while it is away, everything stays where it is.
export function sendWhenHeard() {
  document.addEventListener("submit", async (event) => {
    const form = event.target.closest("form[data-send]")
    if (!form) return
    event.preventDefault()
    const away = document.getElementById("away")
    try {
      const heard = await fetch("/icon.svg", { method: "HEAD", cache: "no-store" })
      if (!heard.ok) throw new Error("away")
    } catch {
      away.textContent = "The server does not answer. What you typed stands here: press again once it does."
      away.hidden = false
      return
    }
    away.hidden = true
    carry(form, event.submitter)
    form.submit()
  })
}

// What the button that was pressed says goes along, as it would have by itself.
function carry(form, button) {
  if (!button?.name) return
  const told = document.createElement("input")
  Object.assign(told, { type: "hidden", name: button.name, value: button.value })
  form.append(told)
}
