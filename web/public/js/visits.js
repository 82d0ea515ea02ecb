// A visit on the track opens at a press; it is dragged to a day, or moved there by the arrow
// keys and Enter; on the firm's board also to another crew's rail. Which plan that makes, Ruby says.
export function moveVisits() {
  const track = document.querySelector(".visit-track")
  if (!track) return
  let held = null

  const visitAt = (event) => event.target.closest?.("[data-visit]")

  track.addEventListener("pointerdown", (event) => {
    const visit = visitAt(event)
    if (!visit || event.button > 0) return
    held = { visit, from: event, by: [0, 0] }
  })
  document.addEventListener("pointermove", (event) => {
    if (!held || !track.dataset.move) return
    held.by = [event.clientX - held.from.clientX, held.visit.dataset.crew ? event.clientY - held.from.clientY : 0]
    if (far(held.by)) shift(held.visit, held.by)
  })
  document.addEventListener("pointerup", (event) => {
    if (!held) return
    const { visit, by } = held
    held = null
    if (!far(by)) return go(visit.dataset.href)
    const day = dayAt(track, event.clientX)
    const crew = visit.dataset.crew && railAt(track, event.clientY)
    const elsewhere = day && (day !== visit.dataset.day || (crew && crew !== visit.dataset.crew))
    if (elsewhere) return move(track, visit, day, crew)
    shift(visit, [0, 0])
  })
  document.addEventListener("pointercancel", () => { if (held) shift(held.visit, [0, 0]); held = null })

  track.addEventListener("keydown", (event) => {
    const visit = visitAt(event)
    if (!visit || event.ctrlKey || event.altKey || event.metaKey) return
    const way = track.dataset.move && { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ...ACROSS }[event.key]
    const { to, toCrew } = visit.dataset
    if (event.key === "Enter" && !to && !toCrew) go(visit.dataset.href)
    else if (event.key === "Enter") move(track, visit, to ?? visit.dataset.day, toCrew ?? visit.dataset.crew)
    else if (way && (way[0] || visit.dataset.crew)) byKeys(track, visit, way)
    else return
    event.preventDefault()
  })
}

const NEAR = 6 // pixels that a press may slip
const ACROSS = { ArrowDown: [0, 1], ArrowUp: [0, -1] }

const far = (by) => Math.hypot(...by) > NEAR
const go = (href) => { if (href) window.location.assign(href) }
const shift = (visit, by) => visit.setAttribute("transform", far(by) ? `translate(${by.join(" ")})` : "")

function move(track, visit, day, crew) {
  const where = new URL(track.dataset.move, window.location.href)
  where.searchParams.set("move", visit.dataset.visit)
  where.searchParams.set("to", day)
  if (crew) where.searchParams.set("crew", crew)
  go(where.pathname + where.search)
}

const columns = (track) => [...track.querySelectorAll("[data-column]")]
const rails = (track) => [...track.querySelectorAll("[data-rail]")]

function dayAt(track, x) {
  const column = columns(track).find((one) => {
    const box = one.getBoundingClientRect()
    return x >= box.left && x < box.right
  })
  return column?.dataset.column
}

// What hangs lower than a rail and higher than the next hangs on it.
function railAt(track, y) {
  const all = rails(track)
  return (all.filter((one) => one.getBoundingClientRect().top <= y).pop() ?? all[0])?.dataset.rail
}

// Under the arrows it goes from day to day and from rail to rail; Enter lets it hang there.
function byKeys(track, visit, [days, crews]) {
  const across = next(columns(track), "column", [visit.dataset.day, visit.dataset.to], days)
  const down = next(rails(track), "rail", [visit.dataset.crew, visit.dataset.toCrew], crews)
  if (!across.to || (visit.dataset.crew && !down.to)) return
  visit.dataset.to = across.to.dataset.column
  if (down.to) visit.dataset.toCrew = down.to.dataset.rail
  shift(visit, [apart(across, "left"), down.to ? apart(down, "top") : 0])
  visit.setAttribute("aria-description", `to ${visit.dataset.to}, Enter`)
}

// One of a row of things, and the one that lies so many further on than where it is now.
function next(all, name, [first, now], by) {
  const at = all.findIndex((one) => one.dataset[name] === (now ?? first))
  return { from: all.find((one) => one.dataset[name] === first), to: all[at + by] }
}

const apart = ({ from, to }, side) => to.getBoundingClientRect()[side] - from.getBoundingClientRect()[side]
