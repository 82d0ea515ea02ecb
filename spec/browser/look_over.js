(() => {
  // What is wrong with the page as it stands at this width, a line each. Everything is in view: the
  // window is as high as the page.
  const SMALLEST = { page: 14, drawing: 13 } // px, text as it is shown
  const faults = []
  const told = (what, element) => faults.push(`${what}: ${element.outerHTML.replace(/\s+/g, " ").slice(0, 110)}`)
  const boxOf = (element) => element.getBoundingClientRect()
  const shown = (element) => element.checkVisibility({ visibilityProperty: true, opacityProperty: true })
  const scrolls = (element) => element.closest("[tabindex='0'][role='region'], .rail, .lot, .dots, .visit-track")
  const wide = document.documentElement.clientWidth

  const kinds = "a[href], button, input:not([type=hidden]), select, textarea, summary"
  const controls = [...document.querySelectorAll(kinds)]
    .filter(shown).filter((one) => boxOf(one).width > 1 && boxOf(one).height > 1)
  controls.filter((one) => !one.closest(".visually-hidden, .visually-hidden-focusable")).forEach((control) => {
    const box = boxOf(control)
    if (box.left < -1 || box.right > wide + 1) {
      if (!scrolls(control)) told("stands outside the page", control)
      return
    }
    const line = control.getClientRects()[0] // of a link over two lines the first
    const found = document.elementFromPoint(line.left + line.width / 2, line.top + line.height / 2)
    const own = found &&
      (control.contains(found) || found.closest("label")?.control === control)
    if (!own) told(`its middle belongs to ${found?.outerHTML.replace(/\s+/g, " ").slice(0, 60)}`, control)
  })

  const before = document.activeElement
  controls.forEach((control) => {
    control.focus({ focusVisible: true, preventScroll: true })
    const line = getComputedStyle(control)
    const seen = line.outlineStyle !== "none" && Number.parseFloat(line.outlineWidth) >= 2
    if (document.activeElement === control && !seen) told("has the focus and does not show it", control)
  })
  before?.focus?.({ preventScroll: true })

  const texts = []
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
  while (walker.nextNode()) {
    const parent = walker.currentNode.parentElement
    if (!walker.currentNode.data.trim() || parent?.closest("script, style, title, desc, noscript")) continue
    if (parent) texts.push(parent)
  }
  new Set(texts.filter(shown)).forEach((element) => {
    if (element.closest(".visually-hidden")) return
    const scale = element.ownerSVGElement ? Math.abs(element.getScreenCTM().d || element.getScreenCTM().b) : 1
    const size = Number.parseFloat(getComputedStyle(element).fontSize) * scale
    const least = SMALLEST[element.ownerSVGElement ? "drawing" : "page"]
    if (size < least - 0.05) told(`text of ${size.toFixed(1)} px`, element)
  })

  // Lines of words that lie over each other, of what is neither in front nor behind by intent.
  const lines = [...new Set(texts.filter(shown))]
    .filter((one) => !one.matches("details") && !one.closest("svg, .visually-hidden, .next, header, select, [popover]"))
    .filter((one) => getComputedStyle(one).clipPath === "none" && boxOf(one).width > 1)
    .flatMap((one) => [...one.childNodes].filter((node) => node.nodeType === 3 && node.data.trim()).flatMap((node) => {
      const range = document.createRange()
      range.selectNodeContents(node)
      return [...range.getClientRects()].map((box) => [one, box])
    }))
    .sort(([, a], [, b]) => a.top - b.top)
  lines.forEach(([one, a], place) => {
    for (let next = place + 1; next < lines.length && lines[next][1].top < a.bottom; next++) {
      const [other, b] = lines[next]
      const across = Math.min(a.right, b.right) - Math.max(a.left, b.left)
      const down = Math.min(a.bottom, b.bottom) - b.top
      if (across > 2 && down > 0.4 * Math.min(a.height, b.height))
        told(`"${one.textContent.trim().slice(0, 30)}" lies over`, other)
    }
  })

  document.querySelectorAll("svg").forEach((svg) => {
    const boxes = [...svg.querySelectorAll("text")].filter(shown).filter((text) => text.textContent.trim())
      .map((text) => [text, boxOf(text)])
    boxes.forEach(([one, a], place) => boxes.slice(place + 1).forEach(([other, b]) => {
      const across = Math.min(a.right, b.right) - Math.max(a.left, b.left)
      const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top)
      const level = Math.min(a.height, b.height)
      if (across <= 2 || down <= level * 0.4) return
      told(`"${one.textContent.trim()}" stands over "${other.textContent.trim()}"`, svg)
    }))
  })
  // On a phone: what a gloved finger hits, what the page is pushed sideways by, what scrolls and no key reaches.
  if (wide <= 390) {
    const sideways = document.documentElement.scrollWidth - wide
    if (sideways > 0 && !location.pathname.endsWith("sheet")) faults.push(`scrolls sideways by ${sideways} px`)
    const pressed = ".field input:not([type=hidden]):not([type=checkbox]), select, button, .rail a, summary"
    if (/measure|size|hang|adjust|look|take-down|mend/.test(location.pathname)) {
      document.querySelectorAll(pressed).forEach((one) => {
        if (one.checkVisibility() && boxOf(one).height < 47.5) told("is lower than a gloved finger", one)
      })
    }
    const rolls = (how, full, part) => /auto|scroll/.test(how) && full > part + 13
    document.body.querySelectorAll("*").forEach((one) => {
      const style = getComputedStyle(one)
      const scrolling = rolls(style.overflowX, one.scrollWidth, one.clientWidth) ||
        rolls(style.overflowY, one.scrollHeight, one.clientHeight)
      if (scrolling && shown(one) && one.tabIndex < 0 && !one.querySelector(`${kinds}, [tabindex="0"]`))
        told("scrolls and cannot be reached by keys", one)
    })
  }
  return faults
})()
