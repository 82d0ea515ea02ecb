// A tape that types: readings from the local stream, or from one that types like a
// keyboard while no field is in hand, fill the page's readings one after the other.
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

  let stream = null
  const listen = () => {
    if (document.hidden) { stream?.close(); stream = null }
    else if (!stream) {
      stream = new EventSource("/tape")
      stream.addEventListener("reading", (event) => take(event.data))
    }
  }
  document.addEventListener("visibilitychange", listen)
  listen()

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
