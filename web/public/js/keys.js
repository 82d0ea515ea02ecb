// 1 to 8 go to the stages; never taken while typing.
export function stageKeys() {
  document.addEventListener("keydown", (event) => {
    if (event.ctrlKey || event.altKey || event.metaKey || event.target.matches("input, select, textarea")) return
    const stage = document.querySelectorAll(".rail li a")[Number(event.key) - 1]
    if (stage && /^[1-8]$/.test(event.key)) stage.click()
  })
}
