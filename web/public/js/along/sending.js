// What waits is sent in its order, once the server is back.
let under = null // what is being sent now
let why = null // why it is not sent: "away", "signed out", "another"

async function state() {
  return { ...await told(), waiting: await waiting(), why }
}

async function tellAll(sent = 0) {
  const now = { ...await state(), sent }
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
  let sent = 0
  try {
    const { token, account } = await freshToken()
    const mine = open.filter((one) => one.account === account)
    if (!why) why = mine.length < open.length ? "another" : null
    for (const one of mine) {
      await sendOne(one, token)
      sent += 1
    }
  } catch {
    why = "away"
  }
  await tellAll(sent)
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

async function sendOne({ number, uid, at: when, path, form, ...rest }, token) {
  const body = new URLSearchParams({ uid, at: when, path, form })
  const answer = await fetch("/along", { method: "POST", body, headers: { "x-csrf-token": token } })
  if (!answer.ok) throw new Error("away")
  const { how, says } = await answer.json()
  if (how === "refused") await put({ number, uid, at: when, path, form, ...rest, refused: says })
  else await forget(number)
}
