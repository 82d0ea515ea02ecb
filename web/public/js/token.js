// What a page needs to send on once its session is another: a token of the new one, if it
// is the same account's.
export async function renewToken() {
  const answer = await fetch("/token", { headers: { "x-requested-with": "XMLHttpRequest" }, cache: "no-store" })
  if (!answer.ok) return await answer.text()
  const { token, pass, account } = await answer.json()
  if (String(account) !== document.body.dataset.account) {
    return "Another is signed in here now. What you typed is sent when you are."
  }
  document.body.setAttribute("hx-headers", JSON.stringify({ "X-CSRF-Token": token }))
  document.querySelectorAll("input[name=authenticity_token]").forEach((field) => { field.value = token })
  document.querySelectorAll("form[enctype]").forEach((form) => {
    const to = new URL(form.action)
    to.searchParams.set("authenticity_token", token)
    to.searchParams.set("pass", pass)
    form.action = to.pathname + to.search
  })
  return null
}
