// What is wider than its place scrolls, and then the keyboard reaches it too.
const PLACES = "figure, .lot, .scrolls, .holes, .paper main"

export function reachWhatScrolls() {
  const look = () => document.querySelectorAll(PLACES).forEach((place) => {
    const scrolls = place.scrollWidth > place.clientWidth + 1 && getComputedStyle(place).overflowX === "auto"
    if (scrolls === place.hasAttribute("data-scrolls")) return
    place.toggleAttribute("data-scrolls", scrolls)
    scrolls ? place.setAttribute("tabindex", "0") : place.removeAttribute("tabindex")
  })
  window.addEventListener("resize", look)
  document.addEventListener("htmx:afterSettle", look)
  document.fonts.ready.then(look)
  look()
}
