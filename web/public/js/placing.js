// A place along the opening, slid by hand over the floor of its drawing, or by the arrow keys:
// the slider and its field follow each other. Layers are put on by a press.
export function placeByHand() {
  document.querySelectorAll("[data-placing]").forEach((slider) => {
    const field = document.getElementById(slider.dataset.placing)
    const [from, to] = slider.closest("[data-feet]").dataset.feet.split(" ").map(Number)
    slider.style.left = `${from}%`
    slider.style.width = `${to - from}%`
    slider.hidden = false
    slider.value = Number.parseFloat(field.value) || Number(slider.max) / 4
    slider.addEventListener("input", () => { field.value = slider.value })
    field.addEventListener("input", () => { slider.value = Number.parseFloat(field.value) || 0 })
  })
  document.querySelectorAll("[data-layer-of]").forEach((button) => {
    const field = document.getElementById(button.dataset.layerOf)
    button.hidden = false
    button.addEventListener("click", () => {
      field.value = [field.value.trim().replace(/\+$/, ""), button.dataset.layer].filter(Boolean).join(" + ")
    })
  })
}
