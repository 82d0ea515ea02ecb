// A visit on the track opens at a press; it is dragged to a day, or moved there by the arrow
// keys and Enter: which plan that makes, Ruby says.
export function moveVisits() {
  const track = document.querySelector(".visit-track")
  if (!track) return
  let held = null

  const visitAt = (event) => event.target.closest?.("[data-visit]")

  track.addEventListener("pointerdown", (event) => {
    const visit = visitAt(event)
    if (!visit || event.button > 0) return
    held = { visit, at: event.clientX, by: 0 }
  })
  document.addEventListener("pointermove", (event) => {
    if (!held) return
    held.by = track.dataset.move ? event.clientX - held.at : 0
    if (Math.abs(held.by) > NEAR) shift(held.visit, held.by)
  })
  document.addEventListener("pointerup", (event) => {
    if (!held) return
    const { visit, by } = held
    held = null
    if (Math.abs(by) <= NEAR) return go(visit.dataset.href)
    const day = dayAt(track, event.clientX)
    if (day && day !== visit.dataset.day) return move(track, visit.dataset.visit, day)
    shift(visit, 0)
  })
  document.addEventListener("pointercancel", () => { if (held) shift(held.visit, 0); held = null })

  track.addEventListener("keydown", (event) => {
    const visit = visitAt(event)
    if (!visit || event.ctrlKey || event.altKey || event.metaKey) return
    const way = track.dataset.move && { ArrowRight: 1, ArrowLeft: -1 }[event.key]
    if (event.key === "Enter" && !visit.dataset.to) go(visit.dataset.href)
    else if (event.key === "Enter") move(track, visit.dataset.visit, visit.dataset.to)
    else if (way) byDays(track, visit, way)
    else return
    event.preventDefault()
  })
}

const NEAR = 6 // pixels that a press may slip

const go = (href) => { if (href) window.location.assign(href) }
const shift = (visit, by) => visit.setAttribute("transform", by ? `translate(${by} 0)` : "")

function move(track, visit, day) {
  const where = new URL(track.dataset.move, window.location.href)
  where.searchParams.set("move", visit)
  where.searchParams.set("to", day)
  go(where.pathname + where.search)
}

const columns = (track) => [...track.querySelectorAll("[data-column]")]

function dayAt(track, x) {
  const column = columns(track).find((one) => {
    const box = one.getBoundingClientRect()
    return x >= box.left && x < box.right
  })
  return column?.dataset.column
}

// Under the arrows it goes from day to day; Enter lets it hang there.
function byDays(track, visit, way) {
  const days = columns(track)
  const from = days.find((one) => one.dataset.column === visit.dataset.day)
  const at = days.findIndex((one) => one.dataset.column === (visit.dataset.to ?? visit.dataset.day))
  const to = days[at + way]
  if (!to) return
  visit.dataset.to = to.dataset.column
  shift(visit, to.getBoundingClientRect().left - from.getBoundingClientRect().left)
  visit.setAttribute("aria-description", `to ${to.dataset.column}, Enter`)
}
