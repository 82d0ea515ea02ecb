// One number in hand: its row stands on white with its field and its sum open, its place on the bench is drawn
// heavy. It is taken by a press on either of them or by j and k, and let go by Escape.
let held = null

export function takeInHand() {
  if (!document.querySelector("[data-row]")) return
  document.body.classList.add("taking")
  document.addEventListener("click", ({ target }) => {
    const row = target.closest?.(".row-take, .row-figure")?.closest("[data-row]")
    const place = target.closest?.("[data-place]")
    if (row) row.dataset.row === held ? letGo() : take(row)
    else if (place && rowOf(place)) take(rowOf(place))
  })
  document.addEventListener("keydown", (event) => {
    if (event.key === "Escape" && held && !event.target.matches("input, select, textarea")) letGo()
  })
  document.addEventListener("htmx:oobAfterSwap", show)
  document.addEventListener("htmx:afterSettle", ({ target }) => {
    if (target.closest?.(".held")) inSight(target.closest(".held")) // its sum has come
  })
}

// The next row, or the one before.
export function takeNext(step) {
  const rows = [...document.querySelectorAll("[data-row]")].filter((row) => row.checkVisibility())
  const now = rows.findIndex((row) => row.dataset.row === held)
  const row = rows[now < 0 ? (step > 0 ? 0 : rows.length - 1) : now + step]
  if (!row) return
  take(row)
  row.querySelector(".row-take").focus({ preventScroll: true })
}

function take(row) {
  shut()
  held = row.dataset.row
  show()
  row.querySelector("details.working")?.setAttribute("open", "")
  inSight(row)
}

const inSight = (row) => row.scrollIntoView({ block: row.offsetHeight > innerHeight / 2 ? "start" : "nearest" })

const shut = () => document.querySelector(`[data-row="${held}"] details.working`)?.removeAttribute("open")

function letGo() {
  shut()
  held = null
  show()
}

const rowOf = (place) => place.dataset.place.split(" ").map((key) =>
  [...document.querySelectorAll("[data-row]")].find((row) => row.dataset.keys.split(" ").includes(key)))
  .find((row) => row)

function show() {
  const rows = [...document.querySelectorAll("[data-row]")]
  const now = rows.find((row) => row.dataset.row === held)
  const keys = now ? now.dataset.keys.split(" ") : []
  rows.forEach((row) => {
    row.classList.toggle("held", row === now)
    row.querySelector(".row-take").setAttribute("aria-pressed", String(row === now))
  })
  document.querySelectorAll("[data-place]").forEach((place) =>
    place.classList.toggle("in-hand", place.dataset.place.split(" ").some((key) => keys.includes(key))))
  document.querySelectorAll("figure.set > svg").forEach(comeNear)
}

// On a phone the drawing shows the part that belongs to the number, above it.
function comeNear(drawing) {
  const whole = drawing.dataset.whole ??= drawing.getAttribute("viewBox")
  const boxes = [...drawing.querySelectorAll(".in-hand")].map((place) => place.getBBox()).filter((box) => box.width)
  const near = boxes.length > 0 && matchMedia("(max-width: 699px)").matches
  drawing.closest("figure").classList.toggle("near", near)
  drawing.setAttribute("viewBox", near ? around(boxes, drawing.viewBox.baseVal) : whole)
}

// All of them with some room, and no narrower than half of the drawing.
function around(boxes, { width, height }) {
  const least = (side) => Math.min(...boxes.map((box) => box[side]))
  const most = (side, length) => Math.max(...boxes.map((box) => box[side] + box[length]))
  const wide = Math.max(most("x", "width") - least("x"), width / 2)
  const high = Math.max(most("y", "height") - least("y"), height / 3)
  const left = (least("x") + most("x", "width") - wide) / 2
  const top = (least("y") + most("y", "height") - high) / 2
  const room = wide / 20
  return [left - room, top - room, wide + 2 * room, high + 2 * room].join(" ")
}
