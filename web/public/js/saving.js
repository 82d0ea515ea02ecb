// Every save says which version of the opening was on the screen when it was
// typed, so that a change made elsewhere meanwhile is noticed.
export function tellVersion() {
  document.addEventListener("htmx:configRequest", (event) => {
    const version = document.getElementById("version")
    if (version && event.detail.verb === "post") event.detail.parameters.set("seen", version.dataset.version)
  })
  document.addEventListener("htmx:sendError", () => unsaved("Not saved: the application does not answer. What you typed is still in its field."))
  document.addEventListener("htmx:responseError", (event) => unsaved(`Not saved: ${event.detail.xhr.responseText.slice(0, 200)}`))
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
