// At phone width one reading at a time, the drawing above showing where.
export function oneByOne() {
  const bench = document.querySelector("[data-one-by-one]")
  if (!bench) return
  const fields = [...bench.querySelectorAll(".tapes .field")]
  const bar = bench.querySelector(".one-by-one")
  bench.classList.add("one-at-a-time")
  bar.hidden = false

  const place = () => fields.findIndex((field) => field.classList.contains("now"))
  const narrow = () => window.matchMedia("(max-width: 699px)").matches

  function show(next, focus = true) {
    if (next < 0 || next >= fields.length) return
    fields.forEach((field, index) => field.classList.toggle("now", index === next))
    bar.querySelector("[data-count]").textContent = `${next + 1} of ${fields.length}`
    if (focus && narrow()) fields[next].querySelector("input:not([type=hidden])").focus()
  }

  bar.addEventListener("click", (event) => {
    const step = Number(event.target.closest("[data-step]")?.dataset.step)
    if (step) show(place() + step)
  })
  document.addEventListener("reading:next", (event) => {
    const next = fields.indexOf(event.detail.to?.closest(".field"))
    if (next >= 0) show(next, false)
  })
  document.addEventListener("focusin", (event) => {
    const next = fields.indexOf(event.target.closest?.(".field"))
    if (next >= 0) show(next, false)
  })

  const empty = fields.findIndex((field) => !field.querySelector("input:not([type=hidden])").value)
  const named = fields.findIndex((field) => location.hash === `#${field.id.replace("field-", "")}`)
  show(named >= 0 ? named : Math.max(empty, 0), false)
  const inputs = fields.map((field) => field.querySelector("input:not([type=hidden])"))
  if (inputs.every((input) => !input.value)) inputs[0].focus()
}
