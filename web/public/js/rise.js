// A floor station's rise, moved by finger, mouse or arrow keys: its field follows, and is saved when it is let go.
export function moveRises() {
  const reveal = () => document.querySelectorAll(".rise[hidden]").forEach((slider) => { slider.hidden = false })
  const fieldOf = (slider) => document.getElementById(slider.dataset.rise).querySelectorAll("[name='value[]']")[1]
  reveal()
  document.addEventListener("htmx:oobAfterSwap", reveal)
  document.addEventListener("input", ({ target }) => {
    if (target.matches(".rise")) fieldOf(target).value = target.value
  })
  document.addEventListener("change", ({ target }) => {
    if (target.matches(".rise")) fieldOf(target).dispatchEvent(new Event("change", { bubbles: true }))
  })
}
