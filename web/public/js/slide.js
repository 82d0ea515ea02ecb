// A panel follows the finger: dragging it in the drawing moves its slider,
// whose ends Ruby gave; Ruby answers with the drawing of where it stands.
export function dragPanels() {
  let held = null

  document.addEventListener("pointerdown", (event) => {
    const panel = event.target.closest?.(".above .slides[data-panel]")
    if (!panel) return
    const figure = panel.closest("figure")
    const picture = figure.querySelector("svg")
    const slider = document.querySelector(`[data-slides="${panel.dataset.panel}"]`)
    const unitsPerPixel = picture.viewBox.baseVal.width / picture.getBoundingClientRect().width
    held = { slider, from: Number(slider.value), x: event.clientX, scale: unitsPerPixel * Number(figure.dataset.millimetres) }
    event.preventDefault()
  })

  document.addEventListener("pointermove", (event) => {
    if (!held) return
    held.slider.value = held.from + (event.clientX - held.x) * held.scale
    held.slider.dispatchEvent(new Event("input", { bubbles: true }))
  })

  for (const end of ["pointerup", "pointercancel"]) document.addEventListener(end, () => { held = null })
}
