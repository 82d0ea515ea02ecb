// Saving what is typed. Every save says which version of the opening was on the
// screen, so that a change made elsewhere meanwhile is noticed. A field whose
// value did not arrive stays marked, is sent again when the application answers,
// and leaving the page asks.
import { renewToken } from "/js/token.js"

const AGAIN = 3000 // ms from one try to the next
const SLOW = 15_000 // ms that an answer may take before the same is sent anew
const BEHIND = [502, 504] // what a proxy answers while the server behind it is away
const KEPT_HERE = 202 // what is answered for a save that waits on this device
const SOON = 1200 // ms of no typing, after which a field is sent
const fields = () => [...document.querySelectorAll("form.field")]
const unsent = () => fields().filter((form) => form.dataset.unsent)
const asTyped = (form) => [...form.querySelectorAll("[name^=value]")]
  .map((one) => one.type === "checkbox" ? one.checked : one.value).join("\n")

let away = null // since when nothing answers
let outside = null // what keeps it from being saved, where that was said
let ended = false // whether the session that the page was made in is over
const under = new Map() // saves on their way: the request and the field that it carries
let given = false // up: the page is left all the same
let told = null // the version that the latest save was told to have seen
let held = [] // what is typed in fields that are being drawn anew

export function saveWhatIsTyped() {
  fields().forEach((form) => { form.dataset.sent = asTyped(form) })
  document.addEventListener("htmx:oobBeforeSwap", (event) => holdTyped(event.detail.target))
  document.addEventListener("htmx:oobAfterSwap", () => held.splice(0).forEach(putBack))
  document.addEventListener("htmx:afterSettle", () => {
    fields().forEach((form) => { form.dataset.sent ??= asTyped(form) })
    tell()
  })
  document.addEventListener("htmx:configRequest", tellVersion)
  document.addEventListener("htmx:beforeSend", (event) => { if (isSave(event)) onItsWay(event.detail) })
  document.addEventListener("htmx:beforeOnLoad", anew)
  document.addEventListener("htmx:sendError", (event) => withField(event, unanswered))
  document.addEventListener("htmx:timeout", (event) => withField(event, unanswered))
  document.addEventListener("htmx:responseError", (event) => withField(event, refused))
  document.addEventListener("htmx:afterOnLoad", (event) => {
    if (event.detail.successful) withField(event, (form, xhr) => arrived(form, xhr.status === KEPT_HERE))
  })
  window.addEventListener("online", tryAgain)
  window.addEventListener("beforeunload", (event) => { if (waiting() && !given) event.preventDefault() })
  document.addEventListener("click", (event) => {
    if (!event.defaultPrevented) followed(event, event.target.closest?.("a[href]"))
  })
  followTheWayThatWasPressed()
}

const isSave = (event) => event.detail.elt.matches?.("form.field")
const typing = () => fields().filter((form) => form.dataset.sent !== asTyped(form))
const goingOf = (id) => [...under.values()].filter((one) => one.id === id)
const waiting = () => under.size > 0 || unsent().length > 0 || typing().length > 0

// A save is known by its request: the answer may put another form in the field's place, and then
// what htmx tells of it comes from whatever stands around it, or not at all.
function onItsWay({ elt, xhr }) {
  under.set(xhr, elt)
  elt.dataset.went = Date.now()
  xhr.addEventListener("loadend", () => under.delete(xhr))
}

function withField({ detail: { xhr } }, told) {
  const form = under.get(xhr)
  if (form) told(form, xhr)
}

// A save that makes another page of it: what else is typed is sent before it is loaded anew.
function anew(event) {
  const { xhr } = event.detail
  if (xhr.getResponseHeader("HX-Refresh") !== "true") return
  event.preventDefault()
  under.delete(xhr)
  leaveWhenSaved(() => location.reload())
}

// A pause in typing and leaving the field both save: once is enough.
function tellVersion(event) {
  const version = document.getElementById("version")
  if (!version || event.detail.verb !== "post" || !isSave(event)) return
  const form = event.detail.elt
  const typed = asTyped(form)
  const again = event.detail.triggeringEvent?.type !== "submit" && form.dataset.sent === typed && !form.dataset.unsent
  if (again) return event.preventDefault()
  form.dataset.sent = typed
  form.dataset.seen ??= version.dataset.version
  told = form.dataset.seen
  event.detail.parameters.set("seen", told)
}

const inputsOf = (form) => [...form.querySelectorAll("[name^=value]:not([type=hidden])")]

// A field that someone changed meanwhile is drawn anew: what is typed in it and
// not saved is put back, still on the version that was seen, so that the change
// is told when it is sent.
function holdTyped(target) {
  const within = fields().filter((form) => target.contains(form) && form.dataset.sent !== undefined)
  within.filter((form) => form.dataset.unsent || form.dataset.sent !== asTyped(form)).forEach((form) => {
    const values = inputsOf(form).map((one) => one.type === "checkbox" ? one.checked : one.value)
    held.push({ id: form.id, values, seen: form.dataset.seen ?? told, unsent: form.dataset.unsent })
  })
}

function putBack({ id, values, seen, unsent }) {
  const form = document.getElementById(id)
  if (!form) return
  form.dataset.sent = asTyped(form)
  inputsOf(form).forEach((one, place) => { one[one.type === "checkbox" ? "checked" : "value"] = values[place] })
  form.dataset.seen = seen
  if (unsent) form.dataset.unsent = unsent
  form.classList.toggle("unsent", Boolean(unsent))
  setTimeout(() => {
    const now = document.getElementById(id)
    if (now && (now.dataset.unsent || now.dataset.sent !== asTyped(now))) window.htmx.trigger(now, "submit")
  }, SOON)
}

function unanswered(form, _xhr, why = null) {
  outside = why
  form.dataset.unsent = "away"
  form.classList.add("unsent")
  if (!away) setTimeout(tryAgain, AGAIN)
  away ??= new Date()
  tell()
}

// What was answered, but not taken: its own sentence, and it is not sent again.
function refused(form, xhr) {
  ended = xhr.status === 401 || (xhr.status === 403 && xhr.responseText.startsWith("This page was open too long"))
  if (BEHIND.includes(xhr.status)) return unanswered(form)
  if (ended || xhr.status === 503) return unanswered(form, xhr, xhr.responseText.slice(0, 300))
  form.dataset.unsent = "refused"
  form.classList.add("unsent")
  const plain = xhr.getResponseHeader("content-type")?.startsWith("text/plain")
  tell(plain && xhr.responseText ? xhr.responseText.slice(0, 200) : "The application could not save it.")
}

function arrived(form, waits) {
  delete form.dataset.unsent
  if (!waits) delete form.dataset.seen
  form.classList.remove("unsent")
  away = null
  tryAgain()
  tell()
}

async function tryAgain() {
  const [first] = unsent().filter((form) => form.dataset.unsent === "away")
  if (!first) { away = null; return }
  if (ended) await renewed()
  if (!ended && !awaited(first)) window.htmx.trigger(first, "submit")
  if (away) setTimeout(() => { if (away) tryAgain() }, AGAIN)
}

// Whether a save of the field is on its way and may still be answered: sent twice, what comes late would take back what
// was told of another field meanwhile.
function awaited(form) {
  return goingOf(form.id).some((one) => Date.now() - one.dataset.went < SLOW)
}

async function renewed() {
  try {
    outside = await renewToken()
    ended = outside !== null
  } catch {
    outside = null // nothing answers, which the next try says
  }
  tell()
}

function tell(why) {
  const place = document.getElementById("away")
  const names = unsent().map((form) => form.querySelector("label, .pair-label")?.textContent.trim())
  place.hidden = names.length === 0
  if (names.length === 0) return
  const since = away && `${String(away.getHours()).padStart(2, "0")}:${String(away.getMinutes()).padStart(2, "0")}`
  const waits = `${outside ?? `The application has not answered since ${since}.`} ` +
    "What you typed stays in its field and is sent when it answers."
  place.textContent = `Not saved: ${names.join(", ")}. ${away ? waits : why ?? "Type it again."}`
}

// A way off the page waits until what is on its way has arrived.
function followed(event, way) {
  if (!way || event.ctrlKey || event.metaKey || event.shiftKey || way.target || !waiting()) return
  if (way.pathname === location.pathname && way.hash && way.search === location.search) return
  event.preventDefault()
  leaveWhenSaved(() => location.assign(way.href))
}

// What is typed in a field is sent, and what came of it stands there.
export async function settled(id) {
  const now = () => document.getElementById(id)
  const typed = () => now() && now().dataset.sent !== asTyped(now())
  if (typed()) window.htmx.trigger(now(), "submit")
  while (typed() || goingOf(id).length > 0) await new Promise((wake) => setTimeout(wake, 30))
}

function leaveWhenSaved(go) {
  typing().forEach((form) => window.htmx.trigger(form, "submit"))
  const leave = () => {
    if (under.size > 0) return setTimeout(leave, 30)
    const told = document.getElementById("away").textContent
    given = unsent().length === 0 || window.confirm(`${told}\n\nLeave the page without it?`)
    if (given) go()
  }
  leave()
}

// Leaving a field saves it, and what it saves renews the rail: a way that was
// pressed there may be another one by the time it is let go.
function followTheWayThatWasPressed() {
  let pressed = null
  document.addEventListener("pointerdown", (event) => { pressed = event.target.closest?.("a[href]") })
  document.addEventListener("pointerup", (event) => {
    const now = document.elementFromPoint(event.clientX, event.clientY)?.closest("a[href]")
    if (pressed && !pressed.isConnected && now?.href === pressed.href) leaveWhenSaved(() => location.assign(now.href))
    pressed = null
  })
}
