import { byId, say } from "./page";
import { data, onAnswer } from "./store";
import { store } from "./unsent";

const DONE = "scrivlet-led";

/** Leads through the first minute on an empty page, once: a row, its blank, the run. */
export function leading(): void {
  const strip = byId("led");
  const words = strip.querySelector("span")!;
  const rows = (): number => document.querySelectorAll("#blocks > li[data-row]").length;
  if (localStorage.getItem(DONE) !== null || data.view === "text" || rows() > 1) return;
  let step = 0;
  const show = (next: number): void => {
    step = next;
    strip.hidden = false;
    words.textContent = say(`led${next}`);
  };
  const end = (): void => {
    store(DONE, "yes");
    strip.hidden = true;
    step = 0;
  };
  show(1);
  onAnswer(() => {
    if (step === 1 && rows() > 1) show(document.querySelector("#blocks .blank") ? 2 : 3);
  });
  // A blank is filled by an edit of its own, and left by its Enter.
  byId("blocks").addEventListener("focusin", () => step === 2 && document.getElementById("filler") === null && show(3));
  byId("run").addEventListener("click", () => {
    if (step === 0) return;
    words.textContent = say("led_done");
    step = 4;
    store(DONE, "yes");
  });
  byId("led-skip").addEventListener("click", end);
}
