// What waits is sent in its order, once the server is back.
let under = null // what is being sent now
let why = null // why it is not sent: "away", "signed out", "another"

async function state() {
  return { ...await told(), waiting: await waiting(), why }
}

async function tellAll(sent = 0, quarrels = []) {
  const now = { ...await state(), sent, quarrels }
  for (const client of await self.clients.matchAll({ type: "window" })) client.postMessage(now)
}

// One at a time, whoever asks for it.
function sendAll() {
  under ??= sendInOrder().finally(() => { under = null })
  return under
}

async function sendInOrder() {
  const open = (await waiting()).filter((one) => !one.refused)
  if (open.length === 0) return void (why = null)
  const quarrels = [] // what others wrote meanwhile, or nobody can read
  let sent = 0
  try {
    const { token, pass, account } = await freshToken()
    const mine = open.filter((one) => one.account === account)
    if (!why) why = mine.length < open.length ? "another" : null
    for (const one of mine) {
      const { how, says } = await sendOne(one, { token, pass })
      sent += 1
      if (how !== "kept" && how !== "refused") quarrels.push({ opening: one.opening, form: one.form, says })
    }
  } catch {
    why = "away"
  }
  await tellAll(sent, quarrels)
}

async function freshToken() {
  const answer = await fetch("/token", { headers: { "x-requested-with": "XMLHttpRequest" }, cache: "no-store" })
  if (answer.status === 401) {
    why = "signed out"
    await forgetPages()
    return {}
  }
  if (!answer.ok) throw new Error("away")
  why = null
  return answer.json()
}

// The device's own clock goes along: where it is another than the server's, its times are too.
async function sendOne(one, { token, pass }) {
  const { number, uid, at: when, path, form, picture } = one
  const told = { uid, at: when, now: new Date().toISOString(), path, form }
  const answer = await fetch(...(picture ? withPicture(told, picture, token, pass) :
    ["/along", { method: "POST", body: new URLSearchParams(told), headers: { "x-csrf-token": token } }]))
  if (answer.status === 413 || answer.status === 415) return refused(one, await answer.text())
  if (!answer.ok) throw new Error("away")
  const outcome = await answer.json()
  if (outcome.how === "refused") return refused(one, outcome.says)
  await forget(number)
  return outcome
}

async function refused(one, says) {
  await put({ ...one, refused: says })
  return { how: "refused", says }
}

function withPicture(told, picture, token, pass) {
  const body = new FormData()
  Object.entries(told).forEach(([name, text]) => body.append(name, text))
  body.append("picture", picture, picture.name)
  const query = new URLSearchParams({ authenticity_token: token, pass })
  return [`/along/pictures?${query}`, { method: "POST", body, headers: { "x-csrf-token": token } }]
}
