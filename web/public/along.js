// Keeps the jobs that were taken along, and what is written on them while the server is
// away. It works nothing out: a page is as the server last made it, and what was written
// waits under its time until it can be sent.
importScripts("/js/along/queue.js", "/js/along/keeping.js", "/js/along/sending.js")

const SLOW = 5000 // ms for the server to answer, where the page is kept here as well
const AWAY = [502, 504] // what a proxy answers while the server behind it is away
const TAKEN_IN = /^\/openings\/(\d+)\/(values|steps|service\/steps|remarks|pictures|moves|moves\/back|hand-over)$/
const FORMS = /^(application\/x-www-form-urlencoded|multipart\/form-data)/

self.addEventListener("install", () => self.skipWaiting())
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()))
self.addEventListener("sync", (event) => { if (event.tag === "send") event.waitUntil(sendAll()) })

self.addEventListener("fetch", (event) => {
  const address = new URL(event.request.url)
  if (address.origin !== self.location.origin) return
  if (event.request.method === "GET") return event.respondWith(page(event.request, address))
  if (event.request.method === "POST" && TAKEN_IN.test(address.pathname)) {
    event.respondWith(written(event.request, address))
  }
})

// A page: the server's, or as it was kept.
async function page(request, address) {
  if (address.pathname === "/token" || address.pathname.startsWith("/account")) return itself(request)
  const kept = await keptPage(address)
  try {
    const answer = await (kept ? within(SLOW, fetch(request)) : fetch(request))
    if (AWAY.includes(answer.status)) return kept ?? (request.mode === "navigate" ? notHere() : answer)
    if (kept && answer.ok && !answer.redirected) await keepAnew(address, answer.clone())
    return answer
  } catch (fault) {
    if (kept) return kept
    if (request.mode === "navigate") return notHere()
    throw fault
  }
}

// What is only the server's to answer.
async function itself(request) {
  try {
    return await fetch(request)
  } catch (fault) {
    if (request.mode === "navigate") return notHere()
    throw fault
  }
}

const within = (ms, promise) => Promise.race([
  promise, new Promise((_, late) => setTimeout(() => late(new Error("slow")), ms)),
])

// What is written at an opening that was taken along: sent, or kept until it can be. What
// waits goes before what comes after it.
async function written(request, address) {
  const opening = TAKEN_IN.exec(address.pathname)[1]
  const copy = request.clone()
  const taken = await keptPage(new URL(`/openings/${opening}/measure`, self.location.origin))
  if (!taken || !FORMS.test(request.headers.get("content-type") ?? "")) return fetch(request)
  await sendAll()
  const { account } = await told()
  if (!(await waiting()).some((one) => !one.refused && one.account === account)) {
    try {
      const answer = await fetch(request)
      if (!AWAY.includes(answer.status)) return answer
    } catch { /* nothing answers: it is kept */ }
  }
  return keep(copy, address, opening)
}

async function keep(request, address, opening) {
  const htmx = request.headers.get("hx-request") === "true"
  const [form, picture] = await readForm(request)
  const { account } = await told()
  await add({ uid: crypto.randomUUID(), at: new Date().toISOString(), account, opening, path: address.pathname,
    form: form.toString(), ...(picture ? { picture } : {}) })
  self.registration.sync?.register("send").catch(() => {})
  await tellAll()
  if (htmx) return new Response("", { status: 202, headers: { "x-kept": "here" } })
  return Response.redirect(request.referrer || `/openings/${opening}/measure`, 303)
}

// What a form says, and the picture that it carries.
async function readForm(request) {
  const read = await request.formData()
  const entries = [...read].filter(([name, value]) => typeof value === "string" && name !== "authenticity_token")
  const picture = [...read.values()].find((value) => value instanceof File && value.size > 0)
  return [new URLSearchParams(entries), picture]
}

self.addEventListener("message", (event) => {
  const answer = (what) => event.ports[0]?.postMessage(what)
  const does = { take: () => take(event.data.along, answer), leave: () => leave(event.data.job), send: sendAll,
    drop: () => drop(event.data.uid), state, clear: () => clear(event.data.account),
    clearPages: forgetPages }[event.data.does]
  const done = async () => answer(await does() ?? await state())
  event.waitUntil(done().catch((fault) => answer({ fault: fault.message })))
})
