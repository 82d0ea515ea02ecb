// What stands open stays open when it is drawn anew: a working in its row, and on a
// page that is loaded anew since the set became another, with the field in hand.
const KEPT = "open"

export function keepOpen() {
  document.addEventListener("htmx:oobBeforeSwap", (event) => {
    const open = event.detail.target.querySelectorAll("details[open][id]")
    open.forEach((details) => event.detail.fragment.querySelector(`#${details.id}`)?.setAttribute("open", ""))
  })
  document.addEventListener("htmx:beforeOnLoad", ({ detail }) => {
    if (detail.xhr.getResponseHeader("HX-Refresh") === "true") sessionStorage.setItem(KEPT, JSON.stringify(standing()))
  })
  const kept = JSON.parse(sessionStorage.getItem(KEPT))
  sessionStorage.removeItem(KEPT)
  if (kept?.page === location.pathname) restore(kept)
  openWhatIsNamed()
  window.addEventListener("hashchange", openWhatIsNamed)
}

// What a link names may stand behind a fold.
function openWhatIsNamed() {
  const named = document.getElementById(location.hash.slice(1))
  named?.closest("details:not([open])")?.setAttribute("open", "")
}

const standing = () => ({
  page: location.pathname, field: document.activeElement.id,
  open: [...document.querySelectorAll("details[open][id]")].map((details) => details.id),
})

function restore({ open, field }) {
  open.forEach((id) => document.getElementById(id)?.setAttribute("open", ""))
  if (field) document.getElementById(field)?.focus()
}
