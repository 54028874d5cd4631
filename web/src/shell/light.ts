/** Day or dim light, kept on this device: a studio in the evening stays dim when the page is opened again. */
const KEPT_AS = "wexis.light";

export const isDim = () => document.documentElement.dataset["light"] === "dim";

export function setDim(dim: boolean) {
  document.documentElement.dataset["light"] = dim ? "dim" : "day";
  localStorage.setItem(KEPT_AS, dim ? "dim" : "day");
}

/** As it was left; called before anything is drawn. */
export function lightAsLeft() {
  if (localStorage.getItem(KEPT_AS) === "dim") document.documentElement.dataset["light"] = "dim";
}
