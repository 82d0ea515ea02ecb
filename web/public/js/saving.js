// Every save says which version of the opening was on the screen when it was
// typed, so that a change made elsewhere meanwhile is noticed.
export function tellVersion() {
  document.addEventListener("htmx:configRequest", (event) => {
    const version = document.getElementById("version")
    if (!version || event.detail.verb !== "post") return
    if (sentAlready(event.detail.elt, event.detail.triggeringEvent)) event.preventDefault()
    else event.detail.parameters.set("seen", version.dataset.version)
  })
  document.addEventListener("htmx:sendError", (event) => {
    delete event.detail.elt.dataset.sent
    unsaved("Not saved: the application does not answer. What you typed is still in its field.")
  })
  document.addEventListener("htmx:responseError", (event) => unsaved(`Not saved: ${event.detail.xhr.responseText.slice(0, 200)}`))
}

// A pause in typing and leaving the field both save: once is enough.
function sentAlready(form, trigger) {
  const typed = [...form.querySelectorAll("[name^=value]")].map((one) => one.type === "checkbox" ? one.checked : one.value).join("\n")
  const again = trigger?.type !== "submit" && form.dataset.sent === typed
  form.dataset.sent = typed
  return again
}

function unsaved(sentence) {
  const place = document.getElementById("version")
  if (!place) return
  const line = document.createElement("p")
  line.textContent = sentence
  place.replaceChildren(line)
}

// A working that stands open stays open when its row is renewed.
export function keepOpen() {
  document.addEventListener("htmx:oobBeforeSwap", (event) => {
    const open = event.detail.target.querySelectorAll("details[open]")
    open.forEach((details) => event.detail.fragment.querySelector(`#${details.id}`)?.setAttribute("open", ""))
  })
}
