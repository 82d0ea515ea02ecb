import { takeNext } from "/js/in-hand.js"

// The keys of the list that ? shows; never taken while typing.
const GO = { w: "/", k: "/kits", v: "/visits" }

export function stageKeys() {
  let going = false
  const list = document.getElementById("keys")
  const button = document.querySelector("[data-keys]")
  if (button && list) {
    button.hidden = false
    button.addEventListener("click", () => list.showModal())
  }

  document.addEventListener("keydown", (event) => {
    if (event.key === "Escape" && event.target.matches("input, select")) event.target.blur()
    if (event.ctrlKey || event.altKey || event.metaKey || list?.open) return
    if (event.target.matches("input, select, textarea")) return
    const go = going && GO[event.key]
    going = event.key === "g"
    if (go) location.assign(go)
    else if (/^[1-9]$/.test(event.key)) document.querySelectorAll(".rail li a")[Number(event.key) - 1]?.click()
    else if (event.key === "?") list?.showModal()
    else if (event.key === "/") follow(event, '[data-key="/"]')
    else if (event.key === "u") follow(event, '[data-key="u"]')
    else if (event.key === "n") begin(event)
    else if (event.key === "m") measure(event)
    else if (event.key === "j" || event.key === "k") walk(event.key === "j" ? 1 : -1)
    else if (event.key === "w") document.activeElement.closest?.("details.working")?.querySelector("summary").click()
  })
}

function follow(event, selector) {
  event.preventDefault()
  document.querySelector(selector)?.click()
}

// To the first reading: from another stage by its page.
function measure(event) {
  const first = document.querySelector(".tapes .field input:not([type=hidden])")
  if (!first) return document.querySelector(".rail li a")?.click()
  event.preventDefault()
  first.focus()
}

// Opens the form of what is new, at its first field.
function begin(event) {
  const form = document.querySelector('summary[data-key="n"]')?.parentElement
  if (!form) return
  event.preventDefault()
  form.open = true
  form.querySelector("input:not([type=hidden])").focus()
}

// Walks from number to number; where none can be taken in hand, by their sums.
function walk(step) {
  if (document.querySelector("[data-row]")) return takeNext(step)
  const sums = [...document.querySelectorAll("details.working > summary")]
  const now = sums.indexOf(document.activeElement)
  const next = sums[now < 0 ? (step > 0 ? 0 : sums.length - 1) : now + step]
  next?.focus()
  next?.scrollIntoView({ block: "nearest" })
}
