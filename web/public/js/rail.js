// On a phone the rail is wider than the screen: the stage in hand is shown.
export function showStage() {
  const show = () => {
    const rail = document.querySelector(".rail")
    const stage = rail?.querySelector(".current")
    if (stage) rail.scrollLeft = stage.offsetLeft - (rail.clientWidth - stage.offsetWidth) / 2
  }
  document.addEventListener("htmx:oobAfterSwap", (event) => { if (event.detail.target.matches?.(".rail")) show() })
  show()
}
