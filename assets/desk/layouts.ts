import { barrow, ground, seedling, viewBox } from "./scenes/plot";
import { element } from "./scenes/scene";
import { post, send } from "./server";
import { TAB } from "./looks";
import { byId, say } from "./page";
import { data } from "./store";
import type { LawnLayout, PlotLayout } from "./types";

/** A sign that stands for the barrow, which can face each way. */
const TURNS = ">v<^";
const FACINGS = ["right", "down", "left", "up"];

const dialog = byId<HTMLDialogElement>("layout-dialog");
const text = byId<HTMLTextAreaElement>("layout-text");
const trouble = byId("layout-trouble");
type AnyLayout = PlotLayout | LawnLayout;
/** How long nothing is typed until the plain text is read. */
const PAUSE = 250;
let layouts: AnyLayout[] = [];
let texts: string[] = [];
let at = 0;
let tool = "#";
let cursor: [x: number, y: number] = [0, 0];
let typing = 0;
/** Changes are made one after the other, each to what the one before has made. */
let working: Promise<void> = Promise.resolve();

/** The server knows how a layout is written: it makes a change to the text, or only reads it. */
function change(what: Record<string, unknown> = {}): void {
  const index = at;
  working = working.then(async () => {
    const body = { scene: data.setting.scene, text: texts[index], change: what };
    const response = await post("/layout", body).catch(() => null);
    const said = (await response?.json().catch(() => null)) as { layout?: AnyLayout; message?: string } | null;
    trouble.textContent = said?.layout ? "" : (said?.message ?? say("error"));
    if (said?.layout) {
      layouts[index] = said.layout;
      if (what.do) texts[index] = said.layout.text;
    }
    if (index !== at) return;
    if (what.do) text.value = texts[at]!;
    draw();
  });
}

function draw(): void {
  const isPlot = data.setting.scene === "plot";
  byId("layout-plot").hidden = !isPlot;
  document.querySelector<HTMLElement>(".plot-only")!.hidden = !isPlot;
  const list = byId("layout-list");
  list.replaceChildren(
    ...layouts.map((one, index) => {
      const button = document.createElement("button");
      button.type = "button";
      button.className = TAB;
      button.setAttribute("aria-pressed", String(index === at));
      button.textContent = one.name || say("layout_number", { number: index + 1 });
      button.addEventListener("click", () => choose(index));
      return button;
    }),
  );
  byId<HTMLButtonElement>("layout-remove").disabled = texts.length < 2;
  if (!isPlot) return;
  const shown = layouts[at] as PlotLayout;
  const width = shown.rows[0]?.length ?? 0;
  byId<HTMLInputElement>("layout-width").value = String(width);
  byId<HTMLInputElement>("layout-height").value = String(shown.rows.length);
  byId<HTMLInputElement>("layout-load").value = String(shown.load);
  for (const box of document.querySelectorAll<HTMLInputElement>("[data-goal]"))
    box.checked = shown.goalTexts.includes(box.dataset.goal!);
  const [bx, by, facing] = shown.barrow;
  const rows = shown.rows.map((row, y) =>
    y === by - 1 ? row.slice(0, bx - 1) + TURNS[FACINGS.indexOf(facing)]! + row.slice(bx) : row,
  );
  const svg = byId<SVGSVGElement>("layout-map");
  svg.setAttribute("viewBox", viewBox(shown));
  cursor = [Math.min(cursor[0], width - 1), Math.min(cursor[1], rows.length - 1)];
  svg.replaceChildren(
    ...rows.flatMap((row, y) =>
      [...row].map((sign, x) => {
        const cell = element("g", { transform: `translate(${x * 40 + 20} ${y * 40 + 20})` });
        cell.append(
          element("rect", {
            x: -20,
            y: -20,
            width: 40,
            height: 40,
            fill: "#f4ecdf",
            stroke: "#d9ccb4",
            "stroke-width": 0.7,
          }),
          ...ground(sign),
        );
        if ("*%".includes(sign)) cell.append(seedling());
        if (TURNS.includes(sign)) {
          const made = barrow();
          made.setAttribute("transform", `rotate(${TURNS.indexOf(sign) * 90})`);
          cell.append(made);
        }
        if (x === cursor[0] && y === cursor[1])
          cell.append(element("rect", { class: "cursor", x: -18, y: -18, width: 36, height: 36, fill: "none" }));
        cell.dataset.cell = `${x},${y}`;
        return cell;
      }),
    ),
  );
  byId("layout-here").textContent = say("layout_cell", {
    x: cursor[0] + 1,
    y: cursor[1] + 1,
    what: say(`cell_${nameOf(rows[cursor[1]]?.[cursor[0]] ?? "#")}`),
  });
}

function nameOf(sign: string): string {
  return data.cells.find((cell) => cell.sign === sign)?.name ?? "barrow";
}

function choose(index: number): void {
  at = index;
  text.value = texts[at] ?? "";
  cursor = [0, 0];
  draw();
}

/** Puts what is chosen into the cell under the cursor. */
function put(): void {
  change({ do: "put", x: cursor[0] + 1, y: cursor[1] + 1, sign: tool });
}

function tools(): void {
  byId("layout-tools").replaceChildren(
    ...data.cells.map(({ sign }) => {
      const button = document.createElement("button");
      button.type = "button";
      button.title = `${say(`cell_${nameOf(sign)}`)} (${sign})`;
      button.setAttribute("aria-label", say(`cell_${nameOf(sign)}`));
      button.setAttribute("aria-pressed", String(sign === tool));
      const svg = element("svg", { viewBox: "-20 -20 40 40" }) as SVGSVGElement;
      svg.append(...ground(sign));
      if ("*%".includes(sign)) svg.append(seedling());
      if (sign === ">") svg.append(barrow());
      if (sign === ".")
        svg.append(element("rect", { x: -15, y: -15, width: 30, height: 30, fill: "#f4ecdf", stroke: "#b9a98b" }));
      button.append(svg);
      button.addEventListener("click", () => {
        tool = sign;
        tools();
      });
      return button;
    }),
  );
}

let isReady = false;

function ready(): void {
  if (isReady) return;
  isReady = true;
  const map = byId<SVGSVGElement>("layout-map");
  const paint = (event: PointerEvent): void => {
    const under = document.elementFromPoint(event.clientX, event.clientY)?.closest<SVGElement>("[data-cell]");
    if (!under || !map.contains(under)) return;
    const [x, y] = under.dataset.cell!.split(",").map(Number) as [number, number];
    if (event.type === "pointermove" && cursor[0] === x && cursor[1] === y) return;
    cursor = [x, y];
    put();
  };
  map.addEventListener("pointerdown", (event) => {
    map.setPointerCapture(event.pointerId);
    paint(event);
  });
  map.addEventListener("pointermove", (event) => {
    if (event.buttons === 1 && tool !== ">") paint(event);
  });
  map.addEventListener("keydown", (event) => {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    const { rows } = layouts[at] as PlotLayout;
    if (step) {
      cursor = [
        Math.max(0, Math.min((rows[0]?.length ?? 1) - 1, cursor[0] + step[0]!)),
        Math.max(0, Math.min(rows.length - 1, cursor[1] + step[1]!)),
      ];
      draw();
    } else if (event.key === " " || event.key === "Enter") put();
    else if (data.cells.some((cell) => cell.sign === event.key)) {
      tool = event.key;
      tools();
      put();
    } else return;
    event.preventDefault();
  });
  text.addEventListener("input", () => {
    texts[at] = text.value;
    clearTimeout(typing);
    typing = window.setTimeout(change, PAUSE);
  });
  const number = (id: string): number => Number(byId<HTMLInputElement>(id).value);
  for (const id of ["layout-width", "layout-height"])
    byId(id).addEventListener("change", () =>
      change({ do: "resize", width: number("layout-width"), height: number("layout-height") }),
    );
  byId("layout-load").addEventListener("change", () => change({ do: "load", load: number("layout-load") }));
  for (const box of document.querySelectorAll<HTMLInputElement>("[data-goal]"))
    box.addEventListener("change", () => change({ do: "goal", goal: box.dataset.goal, wanted: box.checked }));
  byId("layout-add").addEventListener("click", () => {
    layouts.push({ ...layouts[at]!, name: "" });
    texts.push(texts[at]!);
    choose(texts.length - 1);
    change({ do: "name", name: say("layout_number", { number: texts.length }) });
  });
  byId("layout-remove").addEventListener("click", () => {
    layouts.splice(at, 1);
    texts.splice(at, 1);
    choose(Math.min(at, texts.length - 1));
  });
  byId("layout-form").addEventListener("submit", (event) => {
    event.preventDefault();
    void working.then(() =>
      send({ do: "layouts", layouts: texts }).then(
        () => dialog.close(),
        (reason: unknown) => (trouble.textContent = (reason as Error).message),
      ),
    );
  });
}

/** Lets a person change the layouts of the scene; what is saved goes through the same check as a file. */
export function layoutEditor(index: number): void {
  ready();
  layouts = [...data.setting.layouts];
  texts = layouts.map((layout) => layout.text);
  trouble.textContent = "";
  tools();
  choose(Math.min(index, texts.length - 1));
  dialog.showModal();
}
