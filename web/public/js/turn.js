// The bench: a turn of a screw, by button, key, slider or a finger on its dial,
// shows what Ruby worked out for it beforehand. Nothing is reckoned here but
// the place in a list.
const STEP = 90 // degrees of a dial to a quarter turn

export function turnScrews() {
  let told = null
  let from = null

  // The lists are fetched once for what is on the screen.
  const load = async () => {
    const bench = document.querySelector("[data-bench]")
    if (!bench || from === bench.dataset.bench) return
    from = bench.dataset.bench
    const answer = await fetch(from)
    told = answer.ok ? await answer.json() : null
    if (told) bench.dataset.ready = "true"
  }

  document.addEventListener("htmx:afterSettle", load)
  load()

  document.addEventListener("click", (event) => {
    const button = event.target.closest?.("[data-bench] [data-by]")
    if (!button || !told) return
    event.preventDefault()
    turn(told, slider(button), Number(button.dataset.by))
  })
  document.addEventListener("input", (event) => {
    if (told && event.target.matches("[data-bench] .screw-range")) show(told)
  })
  drag((range, steps) => told && turn(told, range, steps * told.controls[range.closest(".screw").dataset.control].way))
}

const slider = (inside) => inside.closest(".screw").querySelector(".screw-range")

function turn(told, range, by) {
  range.value = Number(range.value) + by
  show(told)
}

function show({ outputs }) {
  const counts = {}
  document.querySelectorAll("[data-bench] .screw").forEach((screw) => {
    counts[screw.dataset.control] = Number(slider(screw).value)
  })
  outputs.forEach(({ target, as, of, from, values }) => {
    const place = Object.entries(of).reduce((sum, [control, weight]) => sum + weight * counts[control], 0) - from
    put(target, as, values[place])
  })
}

function put(target, as, value) {
  if (as === "layer") document.querySelector(`[data-layer="${target}"]`)?.setAttribute("transform", value)
  else if (as === "transform") document.querySelector(`[data-output="${target}"]`)?.setAttribute("transform", value)
  else document.querySelectorAll(`[data-output="${target}"]`).forEach((place) => { place.textContent = value })
  if (!target.startsWith("turned-")) return
  document.querySelector(`[data-control="${target.slice(7)}"] .screw-range`)?.setAttribute("aria-valuetext", value)
}

// A finger that goes round a dial turns it, a quarter at a time.
function drag(turned) {
  let held = null
  const angle = (event, dial) => {
    const box = dial.getBoundingClientRect()
    const [right, down] = [event.clientX - box.left - box.width / 2, event.clientY - box.top - box.height / 2]
    return Math.atan2(down, right) * 180 / Math.PI
  }
  document.addEventListener("pointerdown", (event) => {
    const dial = event.target.closest?.("[data-bench] .screw-dial")
    if (!dial) return
    held = { dial, last: angle(event, dial), gone: 0 }
    event.preventDefault()
  })
  document.addEventListener("pointermove", (event) => {
    if (!held) return
    const now = angle(event, held.dial)
    held.gone += ((now - held.last + 540) % 360) - 180
    held.last = now
    const steps = Math.trunc(held.gone / STEP)
    if (steps === 0) return
    held.gone -= steps * STEP
    turned(slider(held.dial), steps)
  })
  for (const end of ["pointerup", "pointercancel"]) document.addEventListener(end, () => { held = null })
}
