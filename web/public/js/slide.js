// A panel follows the hand that holds it, in the front or from above (a folding one,
// drawn into the room), and arrow keys on its grip: where it is wanted goes to Ruby,
// which knows its ends and answers with the drawing of where it stands.
export function movePanels() {
  let held = null

  document.addEventListener("pointerdown", (event) => {
    const panel = event.target.closest?.(".set .slides[data-panel], .set .folds[data-panel]")
    if (!panel) return
    const figure = panel.closest("figure")
    const picture = figure.querySelector("svg").getBoundingClientRect()
    const folds = panel.classList.contains("folds")
    const name = folds ? "fold" : panel.dataset.panel
    const input = inputOf(name)
    const units = figure.querySelector("svg").viewBox.baseVal.width / picture.width
    const across = units * Number(figure.dataset.millimetres)
    held = { name, folds, from: Number(input.value), at: folds ? event.clientY : event.clientX,
      scale: folds ? Number(input.dataset.most) / 240 : across }
    event.preventDefault()
    grip(name)?.focus()
  })

  document.addEventListener("pointermove", (event) => {
    if (held) want(held.name, held.from + ((held.folds ? event.clientY : event.clientX) - held.at) * held.scale)
  })

  for (const end of ["pointerup", "pointercancel"]) document.addEventListener(end, () => { held = null })

  document.addEventListener("keydown", (event) => {
    const on = event.target.closest?.("[data-move]")
    if (!on || event.ctrlKey || event.altKey || event.metaKey) return
    const name = on.dataset.move
    const [step, less] = on.dataset.step.split(" ").map(Number)
    const by = event.shiftKey ? less : step
    const way = { ArrowRight: by, ArrowUp: by, ArrowLeft: -by, ArrowDown: -by }[event.key]
    const end = { Home: "aria-valuemin", End: "aria-valuemax" }[event.key]
    if (way === undefined && !end) return
    event.preventDefault()
    want(name, end ? Number(on.getAttribute(end)) : Number(inputOf(name).value) + way)
  })

  // The drawing is drawn anew as it moves: what was held is held on.
  let focused = null
  document.addEventListener("htmx:oobBeforeSwap", () => { focused = document.activeElement?.dataset?.move ?? focused })
  document.addEventListener("htmx:oobAfterSwap", () => {
    if (focused) grip(focused)?.focus({ preventScroll: true })
    focused = null
  })
}

const inputOf = (name) => document.querySelector(`[data-moved="${name}"]`)
const grip = (name) => document.querySelector(`[data-move="${name}"]`)

function want(name, value) {
  inputOf(name).value = value
  document.getElementById("moving").dispatchEvent(new Event("input"))
}
