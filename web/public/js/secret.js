// A password can be looked at while it is typed; a link that is told once is taken whole.
export function showSecrets() {
  document.querySelectorAll("[data-show]").forEach((button) => {
    const field = document.getElementById(button.dataset.show)
    button.hidden = false
    button.addEventListener("click", () => {
      const hidden = field.type === "password"
      field.type = hidden ? "text" : "password"
      button.textContent = hidden ? "hide" : "show"
    })
  })
  document.querySelectorAll("[data-copied]").forEach((field) => field.addEventListener("focus", () => field.select()))
}
