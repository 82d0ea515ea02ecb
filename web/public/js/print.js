import { reachWhatScrolls } from "/js/scrolling.js"

document.querySelector("[data-print]")?.addEventListener("click", () => window.print())
reachWhatScrolls()
