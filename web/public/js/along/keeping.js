// Pages and files of jobs that were taken along.
const PAGES = "along-pages"
const FILES = "along-files-"
const AT_ONCE = 4 // requests

// A page as it is kept: the very one, or the same path asked otherwise.
async function keptPage(address) {
  const asked = address.pathname + address.search
  return await caches.match(asked) ?? await caches.match(asked, { ignoreSearch: true })
}

async function keepAnew(address, answer) {
  const cache = await caches.open(PAGES)
  if (address.search === "" && await cache.match(address.pathname)) await cache.put(address.pathname, answer)
}

// Takes a job along: every page of it, and the files that pages stand on, or says what is missing.
async function take(along, answer) {
  const [pages, files] = [await caches.open(PAGES), await caches.open(FILES + along.version)]
  const wanted = [...along.files.map((one) => [files, one]), ...along.pages.map((one) => [pages, one])]
  let done = 0
  const fetchNext = async () => {
    for (let next = wanted.shift(); next; next = wanted.shift()) {
      const [cache, path] = next
      const got = await fetch(path, { cache: "no-store" })
      if (got.ok && !got.redirected) await cache.put(path, got)
      else if (got.status !== 404) throw new Error(`${path} was not given (${got.status}).`)
      answer({ done: done += 1, of: along.files.length + along.pages.length })
    }
  }
  await Promise.all(Array.from({ length: AT_ONCE }, fetchNext))
  await forgetOldFiles(along.version)
  const before = await told()
  const { job, name, openings, pages: kept, left } = along
  const jobs = [...before.jobs.filter((one) => one.job !== job),
    { job, name, openings, pages: kept, left, at: new Date().toISOString() }]
  await tell({ account: along.account, version: along.version, jobs })
  return state()
}

async function forgetOldFiles(version) {
  const old = (await caches.keys()).filter((name) => name.startsWith(FILES) && name !== FILES + version)
  await Promise.all(old.map((name) => caches.delete(name)))
}

// Leaves a job here: its pages go from this device.
async function leave(job) {
  const before = await told()
  const gone = before.jobs.find((one) => one.job === job)
  const cache = await caches.open(PAGES)
  await Promise.all((gone?.pages ?? []).map((path) => cache.delete(path)))
  await tell({ ...before, jobs: before.jobs.filter((one) => one.job !== job) })
  return state()
}

// All pages go, and what is known of this device; what waits to be sent stays.
async function forgetPages() {
  await Promise.all((await caches.keys()).map((name) => caches.delete(name)))
  await tell({ ...await told(), jobs: [] })
}

// Everything of an account goes, with its sign-out; what another wrote waits for him.
async function clear(account) {
  await forgetPages()
  for (const one of await waiting()) if (one.account === account) await forget(one.number)
  const left = await waiting()
  if (left.length === 0) await at("told", (store) => store.clear())
  return { cleared: true, left: left.length }
}

const NOT_HERE = "This page is not on this device, and the server does not answer."

// The list of what is here, with that sentence over it; the sentence alone where nothing is.
async function notHere() {
  const list = await caches.match("/along")
  const page = list ? (await list.text()).replace("</h1>", `</h1><p class="meanwhile" role="alert">${NOT_HERE}</p>`) :
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">` +
      `<title>Not here</title><p>${NOT_HERE} Load it again once it does.</p>`
  return new Response(page, { status: 503, headers: { "content-type": "text/html; charset=utf-8" } })
}
