// A line is drawn with a finger, a pen or the pointer; it is kept as whole places in its field.
const WIDE = 400
const HIGH = 120

export function signByHand() {
  for (const field of document.querySelectorAll("[data-sign]")) sign(field)
  const sooner = document.querySelector("[data-sooner]")
  sooner?.addEventListener("change", () => {
    if (sooner.checked) document.getElementById("look-back").value = sooner.dataset.sooner
  })
}

function sign(field) {
  const [picture, path] = [field.querySelector("svg"), field.querySelector("path")]
  const input = field.querySelector("input")
  field.hidden = false
  let drawing = false

  const draw = (event, how) => {
    const box = picture.getBoundingClientRect()
    const place = (at, side, most) => Math.round(Math.min(Math.max(at / side, 0), 1) * most)
    const [x, y] = [place(event.clientX - box.left, box.width, WIDE), place(event.clientY - box.top, box.height, HIGH)]
    input.value = `${input.value}${input.value ? " " : ""}${how}${x} ${y}`
    path.setAttribute("d", input.value)
  }
  picture.addEventListener("pointerdown", (event) => {
    drawing = true
    picture.setPointerCapture(event.pointerId)
    draw(event, "M")
    event.preventDefault()
  })
  picture.addEventListener("pointermove", (event) => { if (drawing) draw(event, "L") })
  for (const end of ["pointerup", "pointercancel"]) picture.addEventListener(end, () => { drawing = false })
  field.querySelector("[data-wipe]").addEventListener("click", () => {
    input.value = ""
    path.setAttribute("d", "")
  })
}
