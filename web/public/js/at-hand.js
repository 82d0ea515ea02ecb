// One thing at a time: arrows take the one before or after in hand, and the screen stays awake beside it.
export function oneInHand() {
  if (!document.querySelector("[data-awake]")) return
  document.addEventListener("keydown", (event) => {
    const way = { ArrowLeft: "prev", ArrowRight: "next" }[event.key]
    if (!way || event.target.matches("input, select, textarea, [data-move]")) return
    document.querySelector(`[data-awake] a[rel="${way}"]`)?.click()
  })
  stayAwake()
  document.addEventListener("visibilitychange", stayAwake)
}

// A browser that cannot, or may not, lets the screen go dark as it would.
function stayAwake() {
  if (document.visibilityState === "visible") navigator.wakeLock?.request("screen").catch(() => {})
}
