import { settled } from "/js/saving.js"

// At phone width one reading at a time, the drawing above showing where. One that is refused
// stays in hand and is told; pressed once more without a change, it waits and the next one comes.
export function oneByOne() {
  const bench = document.querySelector("[data-one-by-one]")
  if (!bench) return
  // The readings, then what decides of the facts.
  const fields = () => {
    const facts = [...document.querySelectorAll("#decides a")].map((fact) => `field-${fact.hash.slice(1)}`)
    return [...bench.querySelectorAll(".tapes .field")]
      .filter((field) => !field.closest("[data-facts]") || facts.includes(field.id) || field.id === now)
  }
  // After them what is to be read once more, where something is.
  const again = () => document.querySelector(".once-more :is(input.form-control, button)")
  const inputOf = (field) => field.querySelector("input:not([type=hidden]), select")
  const bar = bench.querySelector(".one-by-one")
  const narrow = () => window.matchMedia("(max-width: 699px)").matches
  let now = null // the id of the field in hand
  let told = null // what stood in a refused field when that was told
  bench.classList.add("one-at-a-time")
  bar.hidden = false

  const place = () => fields().findIndex((field) => field.id === now)
  const notTaken = (field) => field.querySelector("[name=forget]") !== null

  function show(next, focus = true) {
    const all = fields()
    if (next >= all.length && again()) {
      again().closest("details").open = true
      again().focus()
    }
    if (next < 0 || next >= all.length) return
    now = all[next].id
    mark()
    if (focus && narrow()) inputOf(all[next]).focus()
  }

  function mark() {
    const all = fields()
    const refused = all.filter(notTaken).length
    all.forEach((field) => field.classList.toggle("now", field.id === now))
    bar.querySelector("[data-count]").textContent =
      `${place() + 1} of ${all.length}${refused > 0 ? ` · ${refused} not taken` : ""}`
  }

  async function goOn(step) {
    const from = now
    await settled(from)
    if (now !== from) return
    const field = document.getElementById(from)
    const typed = `${from} ${inputOf(field).value}`
    const staying = notTaken(field) && told !== typed
    told = typed
    staying ? show(place()) : show(place() + step)
  }

  bar.addEventListener("click", (event) => {
    const step = Number(event.target.closest("[data-step]")?.dataset.step)
    if (step) goOn(step)
  })
  document.addEventListener("reading:next", (event) => {
    const here = event.detail.from.closest(".tapes .field")?.id === now
    if (!narrow() || !here || (place() === fields().length - 1 && !again())) return
    event.preventDefault()
    goOn(1)
  })
  document.addEventListener("focusin", (event) => {
    const next = fields().indexOf(event.target.closest?.(".field"))
    if (next >= 0) show(next, false)
  })
  document.addEventListener("htmx:oobAfterSwap", mark)
  document.addEventListener("htmx:afterSettle", ({ target }) => { if (target.id === "decides") mark() })

  const empty = fields().findIndex((field) => !inputOf(field).value)
  const named = fields().findIndex((field) => location.hash === `#${field.id.replace("field-", "")}`)
  show(named >= 0 ? named : Math.max(empty, 0), false)
  const inputs = fields().map(inputOf)
  if (inputs.every((input) => !input.value)) inputs[0].focus()
}
