// Jobs that are taken along: the button for it, what is not sent yet on its page, and the
// list of both. Keeping and sending is the worker's.
const EVERY = 5000 // ms from one try to send to the next, while something waits
const able = "serviceWorker" in navigator && window.isSecureContext
const DAY = 24 * 3600 * 1000 // ms, after which a time is told with its day
const clock = (at) => new Date(at).toLocaleString("en-GB", { hour: "2-digit", minute: "2-digit",
  ...(Date.now() - new Date(at) > DAY ? { weekday: "long", day: "numeric", month: "long" } : {}) })
const account = Number(document.body.dataset.account)
let last = null // the state that was shown
let quarrels = Number(document.getElementById("along-bar")?.dataset.quarrels ?? 0) // of his, with what others wrote

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

// What another wrote on this device is his: it is not shown, only counted.
function show(all) {
  const now = { ...all, waiting: all.waiting.filter((one) => one.account === account),
    others: all.waiting.filter((one) => one.account !== account).length }
  last = now
  document.querySelectorAll("[data-along]").forEach((place) => {
    place.dispatchEvent(new CustomEvent("along", { detail: now }))
  })
  bar(now)
  markAll(now)
  list(now)
  quarrel(now.quarrels ?? [])
  if (now.sent > 0 && document.querySelector(".queued")) loadAnew()
}

// What others wrote meanwhile is told at once, in a field that is being typed in too.
function quarrel(found) {
  if (found.length === 0) return
  quarrels += found.length
  bar(last)
  found.filter((one) => one.opening === here()).forEach(({ form, says }) => {
    const field = fieldOf(new URLSearchParams(form).get("key"))
    const place = field?.querySelector(".says")
    if (!field) return
    field.classList.add("unsent")
    if (place && says) place.textContent = says
  })
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

function bar({ waiting, others, why }) {
  const place = document.getElementById("along-bar")
  if (!place) return
  const count = waiting.length
  place.hidden = count === 0 && quarrels === 0 && others === 0
  if (place.hidden) return
  const mine = waiting.some((one) => one.opening === here() && one.path.endsWith("/values"))
  place.replaceChildren([
    quarrels > 0 && `${quarrels} of yours ${quarrels === 1 ? "quarrels" : "quarrel"} with what others wrote. `,
    count > 0 && `${count} not sent yet, since ${clock(waiting[0].at)}${WHY[why] ? `: ${WHY[why]}` : ""}. `,
    mine && WAITS,
    others > 0 && `${others} of another's wait on this device until he signs in. `,
  ].filter(Boolean).join(""))
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
    else if (one.path.endsWith("/remarks")) markRemark(form, one)
    else markAct(one)
  })
}

const fieldOf = (key) => [...document.querySelectorAll("form.field")].find((one) => {
  return one.querySelector("[name=key]")?.value === key
})

function markField(form) {
  const field = fieldOf(form.get("key"))
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

const ACTS = { pictures: "A picture", moves: "A turn", back: "A turn that is taken back", "hand-over": "A hand-over" }
const actOf = ({ path }) => ACTS[path.split("/").at(-1)]

// A picture, a turn, a signature: told where it was sent from.
function markAct(one) {
  const form = [...document.querySelectorAll("form[method=post]")].find((each) => {
    return new URL(each.action).pathname === one.path
  })
  if (form) word(form, `${actOf(one)} of ${clock(one.at)}, not sent yet`).classList.add("queued")
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

function nameOf(one) {
  const form = new URLSearchParams(one.form)
  return actOf(one) ?? form.get("text") ?? form.get("step") ?? `${form.get("key")} ${
    form.getAll("value").concat(form.getAll("value[]")).join(" – ")}`
}

function waitingLine(one) {
  const row = line(`${clock(one.at)} ${nameOf(one)}: ${one.refused ?? "not sent yet"} `)
  if (!one.refused) return row
  const button = document.createElement("button")
  button.className = "btn btn-line btn-small"
  button.textContent = "Let it go"
  button.addEventListener("click", async () => show(await ask({ does: "drop", uid: one.uid })))
  row.append(button)
  return row
}

// What is on the phone goes once the server has signed him out, not before; what is not sent yet
// is told first.
async function wayOut(event) {
  const form = event.target
  event.preventDefault()
  const mine = last?.waiting ?? []
  const lost = `${mine.length} not sent yet would be lost: ${mine.map(nameOf).join(", ")}. Sign out all the same?`
  if (mine.length > 0 && !window.confirm(lost)) return
  const answer = await fetch(form.action, { method: "POST", body: new URLSearchParams(new FormData(form)) })
    .catch(() => null)
  if (!answer?.ok) return stillIn()
  if (await navigator.serviceWorker.getRegistration("/")) await leaveDevice()
  location.assign(answer.url)
}

async function leaveDevice() {
  const { left } = await ask({ does: "clear", account })
  if (left > 0) return
  for (const one of await navigator.serviceWorker.getRegistrations()) await one.unregister()
}

function stillIn() {
  const place = document.getElementById("away")
  place.textContent = "The server does not answer: you are still signed in, and nothing went from this device."
  place.hidden = false
}
