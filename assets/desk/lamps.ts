import { say } from "./page";

const COLUMNS = 9;
const ROWS = 5;

/** The 9 x 5 lamps of a pattern, to be put on and off; the input beside it holds the same as signs. */
export function lampEditor(input: HTMLInputElement): HTMLElement {
  const grid = document.createElement("div");
  grid.className =
    "lamps my-1 grid w-max grid-cols-[repeat(9,24px)] gap-[3px] rounded-[5px] bg-lamp-board p-[7px] *:size-6 *:rounded-full *:bg-lamp-off *:aria-pressed:bg-lamp-on *:data-here:outline-2 *:data-here:outline-white";
  grid.setAttribute("role", "group");
  grid.setAttribute("aria-label", say("lamps"));
  const read = (): string[] => {
    const rows = input.value.split("/");
    return Array.from({ length: ROWS }, (_, row) => (rows[row] ?? "").padEnd(COLUMNS, ".").slice(0, COLUMNS));
  };
  const lamps: HTMLButtonElement[] = [];
  const draw = (): void =>
    read().forEach((row, y) =>
      [...row].forEach((sign, x) => lamps[y * COLUMNS + x]!.setAttribute("aria-pressed", String(sign === "#"))),
    );
  const set = (at: number, lit: boolean): void => {
    const rows = read();
    const [x, y] = [at % COLUMNS, Math.floor(at / COLUMNS)];
    rows[y] = rows[y]!.slice(0, x) + (lit ? "#" : ".") + rows[y]!.slice(x + 1);
    input.value = rows.join("/");
    draw();
  };
  let painting: boolean | null = null;
  for (let at = 0; at < COLUMNS * ROWS; at++) {
    const lamp = document.createElement("button");
    lamp.type = "button";
    lamp.tabIndex = at === 0 ? 0 : -1;
    lamp.setAttribute("aria-label", say("lamp_at", { x: at % COLUMNS, y: Math.floor(at / COLUMNS) }));
    lamp.addEventListener("pointerdown", (event) => {
      event.preventDefault();
      lamp.releasePointerCapture(event.pointerId);
      painting = lamp.getAttribute("aria-pressed") !== "true";
      set(at, painting);
    });
    lamp.addEventListener("pointerenter", () => painting !== null && set(at, painting));
    lamps.push(lamp);
    grid.append(lamp);
  }
  window.addEventListener("pointerup", () => (painting = null));
  // The focus stays in the input: Alt and the arrows walk over the lamps, Alt and Space puts one on or off.
  let here = 0;
  input.addEventListener("keydown", (event) => {
    if (!event.altKey) return;
    const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -COLUMNS, ArrowDown: COLUMNS }[event.key];
    if (step) here = (here + step + COLUMNS * ROWS) % (COLUMNS * ROWS);
    else if (event.code === "Space") set(here, lamps[here]!.getAttribute("aria-pressed") !== "true");
    else return;
    event.preventDefault();
    event.stopPropagation();
    lamps.forEach((lamp, at) => lamp.toggleAttribute("data-here", at === here));
  });
  input.addEventListener("input", draw);
  draw();
  return grid;
}
