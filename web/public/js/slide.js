// A panel follows the finger: dragging it in the drawing moves its slider,
// whose ends Ruby gave (a folding one, drawn into the room); Ruby answers with
// the drawing of where it stands.
export function dragPanels() {
  let held = null

  document.addEventListener("pointerdown", (event) => {
    const panel = event.target.closest?.(".above .slides[data-panel], .above .folds[data-panel]")
    if (!panel) return
    const figure = panel.closest("figure")
    const picture = figure.querySelector("svg")
    const folds = panel.classList.contains("folds")
    const slider = document.querySelector(`[data-slides="${folds ? "fold" : panel.dataset.panel}"]`)
    if (folds) {
      const scale = Number(slider.max) / picture.getBoundingClientRect().height
      held = { slider, from: Number(slider.value), y: event.clientY, scale }
      event.preventDefault()
      return
    }
    const unitsPerPixel = picture.viewBox.baseVal.width / picture.getBoundingClientRect().width
    const scale = unitsPerPixel * Number(figure.dataset.millimetres)
    held = { slider, from: Number(slider.value), x: event.clientX, scale }
    event.preventDefault()
  })

  document.addEventListener("pointermove", (event) => {
    if (!held) return
    const moved = "y" in held ? event.clientY - held.y : event.clientX - held.x
    held.slider.value = held.from + moved * held.scale
    held.slider.dispatchEvent(new Event("input", { bubbles: true }))
  })

  for (const end of ["pointerup", "pointercancel"]) document.addEventListener(end, () => { held = null })
}
