// Jobs that are taken along: the button for it, what is not sent yet on its page, and the
// list of both. Keeping and sending is the worker's.
const EVERY = 5000 // ms from one try to send to the next, while something waits
const able = "serviceWorker" in navigator && window.isSecureContext
const DAY = 24 * 3600 * 1000 // ms, after which a time is told with its day
const clock = (at) => new Date(at).toLocaleString("en-GB", { hour: "2-digit", minute: "2-digit",
  ...(Date.now() - new Date(at) > DAY ? { weekday: "long", day: "numeric", month: "long" } : {}) })
const account = Number(document.body.dataset.account)
let last = null // the state that was shown

export function takeAlong() {
  if (!able) return tellUnable()
  navigator.serviceWorker.addEventListener("message", (event) => show(event.data))
  document.querySelectorAll("[data-way-out]").forEach((form) => form.addEventListener("submit", wayOut))
  document.querySelectorAll("[data-along]").forEach((place) => offer(place))
  document.addEventListener("htmx:afterSettle", () => { if (last) markAll(last) })
  begin()
}

async function begin() {
  const registration = await navigator.serviceWorker.getRegistration("/")
  if (!registration) return list({ jobs: [], waiting: [] })
  await navigator.serviceWorker.ready
  const now = await ask({ does: "state" })
  const out = document.querySelector("[data-way-in]") || (account && now.account !== account)
  show(out && now.jobs.length > 0 ? await ask({ does: "clearPages" }) : now)
  send()
  window.addEventListener("online", () => ask({ does: "send" }))
}

// Asks the worker for something, and hears how far it is.
async function ask(what, heard = () => {}) {
  const registration = await navigator.serviceWorker.ready
  return new Promise((good, bad) => {
    const channel = new MessageChannel()
    channel.port1.onmessage = ({ data }) => {
      if (data.fault) return bad(new Error(data.fault))
      data.of ? heard(data) : good(data)
    }
    registration.active.postMessage(what, [channel.port2])
  })
}

async function send() {
  if (last?.waiting.some((one) => !one.refused)) await ask({ does: "send" })
  setTimeout(send, EVERY)
}

function tellUnable() {
  document.querySelectorAll("[data-along] [data-says]").forEach((place) => {
    place.textContent = "A job is taken along where the address begins with https."
  })
}

// The button of a job: take it along, take it anew, leave it here.
async function offer(place) {
  const [button, leave, says] = ["[data-take]", "[data-leave]", "[data-says]"].map((one) => place.querySelector(one))
  const job = Number(place.dataset.job)
  button.hidden = false
  button.addEventListener("click", async () => {
    button.disabled = true
    try {
      await navigator.serviceWorker.register("/along.js", { updateViaCache: "none" })
      const answer = await fetch(place.dataset.along)
      if (!answer.ok) throw new Error("The server does not give it.")
      const along = await answer.json()
      show(await ask({ does: "take", along }, ({ done, of }) => { says.textContent = `${done} of ${of}` }))
    } catch (fault) {
      says.textContent = `Not taken along: ${fault.message}`
    }
    button.disabled = false
  })
  leave.addEventListener("click", async () => show(await ask({ does: "leave", job })))
  place.addEventListener("along", ({ detail }) => {
    const taken = detail.jobs.find((one) => one.job === job)
    button.textContent = taken ? "Take it anew" : "Take it along"
    leave.hidden = !taken
    says.textContent = taken ? `On this device as of ${clock(taken.at)}, ${taken.pages.length} pages${
      taken.left > 0 ? `; ${taken.left} more openings are left behind` : ""}.` : ""
    if (taken && detail.version !== place.dataset.version) button.click()
  })
}

function show(now) {
  last = now
  document.querySelectorAll("[data-along]").forEach((place) => {
    place.dispatchEvent(new CustomEvent("along", { detail: now }))
  })
  bar(now)
  markAll(now)
  list(now)
  if (now.sent > 0 && document.querySelector(".queued")) loadAnew()
}

// What stands on the page was made before what was sent: it is loaded anew, unless something is typed in it.
function loadAnew() {
  const open = document.querySelector("form.field[data-unsent]")
  if (!open && !document.activeElement?.matches("input, textarea, select")) return location.reload()
  document.getElementById("along-bar")?.append(" Sent: load the page again for its new numbers.")
}

const WHY = {
  "signed out": "you are signed out: sign in, and it is sent",
  another: "another is signed in here: it is sent when its writer is",
}

const WAITS = "Numbers and drawings on this page wait for it: they are as the server last made them. "

function bar({ waiting, why }) {
  const place = document.getElementById("along-bar")
  if (!place) return
  const count = waiting.length
  place.hidden = count === 0
  if (count === 0) return
  const since = clock(waiting[0].at)
  const mine = waiting.some((one) => one.opening === here() && one.path.endsWith("/values"))
  place.replaceChildren(`${count} not sent yet, since ${since}${WHY[why] ? `: ${WHY[why]}` : ""}. ${mine ? WAITS : ""}`)
  const way = document.createElement("a")
  way.href = "/along"
  way.textContent = "See them"
  place.append(way)
}

const here = () => /^\/openings\/(\d+)\//.exec(location.pathname)?.[1]

// Marks what waits in its own place: fields with what was typed, steps, remarks.
function markAll({ waiting }) {
  const mine = waiting.filter((one) => one.opening === here())
  document.querySelectorAll(".queued").forEach((one) => one.classList.remove("queued"))
  document.querySelectorAll("[data-queued-word]").forEach((one) => one.remove())
  document.querySelector("main")?.classList.toggle("waits", mine.some((one) => one.path.endsWith("/values")))
  mine.forEach((one) => {
    const form = new URLSearchParams(one.form)
    if (one.path.endsWith("/values")) markField(form)
    else if (one.path.endsWith("/steps")) markStep(form, one)
    else markRemark(form, one)
  })
}

function markField(form) {
  const field = [...document.querySelectorAll("form.field")].find((one) => {
    return one.querySelector("[name=key]")?.value === form.get("key")
  })
  if (!field) return
  field.classList.add("queued")
  const values = form.getAll("value").concat(form.getAll("value[]"))
  const inputs = [...field.querySelectorAll("[name^=value]:not([type=hidden])")]
  if (field.contains(document.activeElement)) return
  inputs.forEach((input, place) => {
    if (input.type === "checkbox") input.checked = values.includes(input.value)
    else input.value = values[place] ?? ""
  })
  field.dataset.sent = inputs.map((input) => input.type === "checkbox" ? input.checked : input.value).join("\n")
}

function markStep(form, one) {
  const step = [...document.querySelectorAll("form[action$=steps]")].find((each) => {
    return each.querySelector("[name=step]")?.value === form.get("step")
  })
  if (!step) return
  const [row, done] = [step.closest("li") ?? step, !form.get("undo")]
  row.classList.add("queued")
  step.querySelector("[name=undo]")?.remove()
  if (done) step.insertAdjacentHTML("beforeend", '<input type="hidden" name="undo" value="1">')
  step.querySelector("button").setAttribute("aria-pressed", String(done))
  step.querySelector("button").textContent = done ? "✓" : ""
  row.querySelectorAll("[data-queued-word]").forEach((old) => old.remove())
  word(row.querySelector("div") ?? row, `${done ? "ticked" : "taken back"} ${clock(one.at)}, not sent yet`)
}

function markRemark(form, one) {
  const place = document.querySelector("#adding")
  if (place) word(place, `${clock(one.at)}: ${form.get("text")} (not sent yet)`).classList.add("queued")
}

function word(place, text) {
  const says = document.createElement("p")
  says.dataset.queuedWord = ""
  says.className = "queued-word"
  says.textContent = text
  place.prepend(says)
  return says
}

// The page of it: jobs that are on this device, and what waits.
function list(now) {
  const page = document.querySelector("[data-along-page]")
  if (!page) return
  const [jobs, waits] = [page.querySelector("[data-along-jobs]"), page.querySelector("[data-along-waiting]")]
  jobs.replaceChildren(...now.jobs.map((one) => {
    return line(`${one.name}, as of ${clock(one.at)}`, `/jobs/${one.job}`)
  }))
  if (now.jobs.length === 0) jobs.replaceChildren(line("No job is on this device. A job's page takes it along."))
  waits.replaceChildren(...now.waiting.map(waitingLine))
}

function line(text, address) {
  const row = document.createElement("p")
  const inner = address ? document.createElement("a") : row
  inner.textContent = text
  if (address) {
    inner.href = address
    row.append(inner)
  }
  return row
}

function waitingLine(one) {
  const form = new URLSearchParams(one.form)
  const what = form.get("text") ?? form.get("step") ?? `${form.get("key")} ${
    form.getAll("value").concat(form.getAll("value[]")).join(" – ")}`
  const row = line(`${clock(one.at)} ${what}: ${one.refused ?? "not sent yet"} `)
  if (!one.refused) return row
  const button = document.createElement("button")
  button.className = "btn btn-line btn-small"
  button.textContent = "Let it go"
  button.addEventListener("click", async () => show(await ask({ does: "drop", uid: one.uid })))
  row.append(button)
  return row
}

// What is on the phone goes with sign-out; what is not sent yet is told before.
async function wayOut(event) {
  const form = event.target
  event.preventDefault()
  if (await navigator.serviceWorker.getRegistration("/")) {
    const { waiting } = await ask({ does: "state" })
    const lost = `${waiting.length} not sent yet would be lost. Sign out all the same?`
    if (waiting.length > 0 && !window.confirm(lost)) return
    await ask({ does: "clear" })
    for (const one of await navigator.serviceWorker.getRegistrations()) await one.unregister()
  }
  form.submit()
}
