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
      if (await keptHere(form)) return carryOn(form, event.submitter)
      away.textContent = "The server does not answer. What you typed stands here: press again once it does."
      away.hidden = false
      return
    }
    away.hidden = true
    carryOn(form, event.submitter)
  })
}

// Whether it waits on this device until it can be sent: of a job that was taken along.
async function keptHere(form) {
  const opening = /^\/openings\/\d+(?=\/hand-over$)/.exec(new URL(form.action).pathname)?.[0]
  return opening && navigator.serviceWorker?.controller && Boolean(await caches.match(`${opening}/measure`))
}

function carryOn(form, button) {
  carry(form, button)
  form.submit()
}

// What the button that was pressed says goes along, as it would have by itself.
function carry(form, button) {
  if (!button?.name) return
  const told = document.createElement("input")
  Object.assign(told, { type: "hidden", name: button.name, value: button.value })
  form.append(told)
}
