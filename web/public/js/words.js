// Words of the trade on a page are dotted, the first of each; pressed, one says itself with its drawing.
const APART = "a, button, summary, svg, input, select, textarea, script, dialog, dfn, [data-output], .words, " +
  ".offer-sheet"
let forms, any

export async function sayWords() {
  const work = document.getElementById("work")
  if (!work) return
  try {
    forms = await (await fetch("/words.json")).json()
  } catch {
    return // without a network pages are read as they are
  }
  const longest = Object.keys(forms).sort((one, other) => other.length - one.length)
  any = new RegExp(`(?<![\\w-])(${longest.join("|")})(?![\\w-])`, "i")
  dot(work)
  document.addEventListener("htmx:afterSettle", () => dot(work))
  work.addEventListener("click", (event) => {
    const word = event.target.closest("dfn")
    if (!word) return
    event.preventDefault()
    event.stopPropagation()
    say(word.dataset.word)
  }, true)
}

function dot(work) {
  const said = new Set([...work.querySelectorAll("dfn")].map((word) => word.dataset.word))
  const texts = document.createTreeWalker(work, NodeFilter.SHOW_TEXT)
  const found = []
  while (texts.nextNode()) {
    const text = texts.currentNode
    const match = any.exec(text.data)
    const key = match && forms[match[0].toLowerCase()]
    if (!match || said.has(key) || text.parentElement.closest(APART)) continue
    said.add(key)
    found.push([text, match, key])
  }
  found.forEach(([text, match, key]) => {
    const word = text.splitText(match.index)
    word.splitText(match[0].length)
    const dotted = document.createElement("dfn")
    dotted.dataset.word = key
    word.replaceWith(dotted)
    dotted.append(word)
  })
}

async function say(key) {
  const answer = await fetch(`/words/${key}`, { headers: { "HX-Request": "true" } })
  if (!answer.ok) return
  const box = document.getElementById("word") ?? document.body.appendChild(document.createElement("dialog"))
  box.id = "word"
  box.innerHTML = `<dl class="word">${await answer.text()}</dl><form method="dialog"><button class="btn btn-ink">Close
    </button></form>`
  box.showModal()
}
