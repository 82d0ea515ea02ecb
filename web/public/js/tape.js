// A tape that types: readings from the local stream, or from one that types like a
// keyboard while no field is in hand, fill the page's readings one after the other.
// Of several pages that listen, the one last touched takes them.
const TOUCHED = "tape"
const page = String(Math.random())

export function listenToTape() {
  const order = document.querySelector("[data-tape]")
  if (!order) return
  const inputs = () => [...order.querySelectorAll(".field input:not([type=hidden])")]

  function take(text) {
    const now = inputs()
    const target = now.includes(document.activeElement) ? document.activeElement : now.find((input) => !input.value)
    if (!target) return
    target.focus()
    target.value = text
    for (const type of ["input", "change"]) target.dispatchEvent(new Event(type, { bubbles: true }))
    target.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true, cancelable: true }))
  }

  hear(order, take)
  typeOutside(take)
}

// What bin/tape plays, while the page is seen.
function hear(order, take) {
  let stream = null
  const touched = () => localStorage.setItem(TOUCHED, page)
  const listen = () => {
    if (document.hidden) { stream?.close(); stream = null; order.dataset.tape = "" }
    else if (!stream) {
      stream = new EventSource("/tape")
      stream.addEventListener("ready", () => { order.dataset.tape = "listening" })
      stream.addEventListener("reading", (event) => { if (localStorage.getItem(TOUCHED) === page) take(event.data) })
    }
  }
  for (const type of ["focusin", "pointerdown", "keydown"]) document.addEventListener(type, touched)
  document.addEventListener("visibilitychange", listen)
  touched()
  listen()
}

// Digits that are typed while no field is in hand.
function typeOutside(take) {
  let typed = ""
  window.addEventListener("keydown", (event) => {
    if (event.target.matches?.("input, select, textarea, [data-move]")) return
    if (event.ctrlKey || event.altKey || event.metaKey) return
    if (event.key === "Enter" && typed) { take(typed.trim()); typed = "" }
    else if (event.key.length === 1 && (typed || /\d/.test(event.key))) typed += event.key
    else return
    event.preventDefault()
    event.stopImmediatePropagation()
  }, true)
}
