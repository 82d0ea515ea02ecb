// On a phone the top line is one row: what does not fit stands behind "more".
export function restBehindMore() {
  const more = document.querySelector("[data-more]")
  if (!more) return
  const ways = more.closest("nav")
  more.hidden = false
  ways.classList.add("short")
  more.addEventListener("click", () => {
    const short = ways.classList.toggle("short")
    more.setAttribute("aria-expanded", String(!short))
    more.textContent = short ? "more" : "less"
  })
}
