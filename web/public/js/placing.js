// A place along the opening, slid by hand or by the arrow keys beside its field: one follows
// the other.
export function placeByHand() {
  document.querySelectorAll("[data-placing]").forEach((slider) => {
    const field = document.getElementById(slider.dataset.placing)
    slider.hidden = false
    slider.value = Number.parseFloat(field.value) || Number(slider.max) / 4
    slider.addEventListener("input", () => { field.value = slider.value })
    field.addEventListener("input", () => { slider.value = Number.parseFloat(field.value) || 0 })
  })
}
