import { byId, data, say, type LawnLayout, type PlotLayout } from "./data";
import { barrow, ground, seedling, viewBox } from "./scenes/plot";
import { element } from "./scenes/scene";
import { send } from "./server";
import { TAB } from "./looks";

/** What a cell can hold, with the sign that the plain text has for it, which is also its key. */
const TOOLS = ["#", ".", "o", "*", ":", "%", "G", ">"];
const TURNS = ">v<^";
const GOALS = ["at gate", "beds planted", "no seedlings left"];

const dialog = byId<HTMLDialogElement>("layout-dialog");
const text = byId<HTMLTextAreaElement>("layout-text");
const trouble = byId("layout-trouble");
let texts: string[] = [];
let at = 0;
let tool = "#";
let cursor: [x: number, y: number] = [0, 0];

/** The lines above the map, and the map. */
function parts(): { head: string[]; rows: string[] } {
  const lines = text.value.replace(/\r/g, "").split("\n");
  const start = lines.findIndex((line, index) => index > 0 && lines[index - 1]!.trim() === "" && line.trim() !== "");
  const from = start < 0 ? lines.findIndex((line) => line.trim() !== "" && !line.includes(":")) : start;
  return {
    head: lines.slice(0, Math.max(0, from)).filter((line) => line.trim() !== ""),
    rows: from < 0 ? [] : lines.slice(from).filter((line) => line.trim() !== ""),
  };
}

function write(head: string[], rows: string[]): void {
  text.value = `${[...head, "", ...rows].join("\n")}\n`;
  texts[at] = text.value;
  draw();
}

function put(x: number, y: number, sign: string): void {
  const { head, rows } = parts();
  if (!rows[y]?.[x]) return;
  let wanted = sign;
  if (sign === ">") {
    // A second click turns the barrow that is there already.
    const here = TURNS.indexOf(rows[y]![x]!);
    wanted = here < 0 ? ">" : TURNS[(here + 1) % 4]!;
  } else if (TURNS.includes(rows[y]![x]!)) return;
  const only = sign === ">" ? /[<>^v]/g : sign === "G" ? /G/g : null;
  const cleared = rows.map((row) => (only ? row.replace(only, ".") : row));
  cleared[y] = cleared[y]!.slice(0, x) + wanted + cleared[y]!.slice(x + 1);
  write(head, cleared);
}

function resize(width: number, height: number): void {
  const { head, rows } = parts();
  const wide = Math.max(1, Math.min(20, width));
  const high = Math.max(1, Math.min(15, height));
  const next = Array.from({ length: high }, (_, y) => (rows[y] ?? "").padEnd(wide, ".").slice(0, wide));
  if (!next.some((row) => /[<>^v]/.test(row))) next[0] = `>${next[0]!.slice(1)}`;
  write(head, next);
}

function goal(words: string, on: boolean): void {
  const { head, rows } = parts();
  const rest = head.filter((line) => line.replace(/\s+/g, " ").trim() !== `goal: ${words}`);
  write(on ? [...rest, `goal: ${words}`] : rest, rows);
}

function draw(): void {
  const isPlot = data.setting.scene === "plot";
  byId("layout-plot").hidden = !isPlot;
  document.querySelector<HTMLElement>(".plot-only")!.hidden = !isPlot;
  const list = byId("layout-list");
  list.replaceChildren(
    ...texts.map((one, index) => {
      const button = document.createElement("button");
      button.type = "button";
      button.className = TAB;
      button.setAttribute("aria-pressed", String(index === at));
      button.textContent = /^name:\s*(.+)$/m.exec(one)?.[1] ?? say("layout_number", { number: index + 1 });
      button.addEventListener("click", () => choose(index));
      return button;
    }),
  );
  byId<HTMLButtonElement>("layout-remove").disabled = texts.length < 2;
  if (!isPlot) return;
  const { head, rows } = parts();
  const width = Math.max(0, ...rows.map((row) => row.length));
  byId<HTMLInputElement>("layout-width").value = String(width);
  byId<HTMLInputElement>("layout-height").value = String(rows.length);
  byId<HTMLInputElement>("layout-load").value = /^load:\s*(\d+)/m.exec(head.join("\n"))?.[1] ?? "0";
  for (const box of document.querySelectorAll<HTMLInputElement>("[data-goal]"))
    box.checked = head.some((line) => line.replace(/\s+/g, " ").trim() === `goal: ${box.dataset.goal}`);
  const svg = byId<SVGSVGElement>("layout-map");
  const padded = rows.map((row) => row.padEnd(width, "#"));
  if (!padded.length) return;
  svg.setAttribute("viewBox", viewBox({ rows: padded } as PlotLayout));
  cursor = [Math.min(cursor[0], width - 1), Math.min(cursor[1], rows.length - 1)];
  svg.replaceChildren(
    ...padded.flatMap((row, y) =>
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
    what: say(`cell_${nameOf(padded[cursor[1]]?.[cursor[0]] ?? "#")}`),
  });
}

function nameOf(sign: string): string {
  const names: Record<string, string> = {
    "#": "hedge",
    ".": "path",
    o: "stone",
    "*": "seedling",
    ":": "bed",
    "%": "planted",
    G: "gate",
  };
  return names[sign] ?? "barrow";
}

function choose(index: number): void {
  at = index;
  text.value = texts[at] ?? "";
  cursor = [0, 0];
  draw();
}

function tools(): void {
  byId("layout-tools").replaceChildren(
    ...TOOLS.map((sign) => {
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
    put(x, y, tool);
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
    const { rows } = parts();
    if (step) {
      cursor = [
        Math.max(0, Math.min((rows[0]?.length ?? 1) - 1, cursor[0] + step[0]!)),
        Math.max(0, Math.min(rows.length - 1, cursor[1] + step[1]!)),
      ];
      draw();
    } else if (event.key === " " || event.key === "Enter") put(...cursor, tool);
    else if (TOOLS.includes(event.key)) {
      tool = event.key;
      tools();
      put(...cursor, tool);
    } else return;
    event.preventDefault();
  });
  text.addEventListener("input", () => {
    texts[at] = text.value;
    draw();
  });
  byId("layout-width").addEventListener("change", (event) =>
    resize(Number((event.target as HTMLInputElement).value), parts().rows.length),
  );
  byId("layout-height").addEventListener("change", (event) =>
    resize(parts().rows[0]?.length ?? 1, Number((event.target as HTMLInputElement).value)),
  );
  byId("layout-load").addEventListener("change", (event) => {
    const { head, rows } = parts();
    const rest = head.filter((line) => !line.startsWith("load:"));
    const load = Number((event.target as HTMLInputElement).value);
    write(load > 0 ? [...rest, `load: ${load}`] : rest, rows);
  });
  for (const words of GOALS) {
    const label = document.createElement("label");
    const box = document.createElement("input");
    box.type = "checkbox";
    box.dataset.goal = words;
    box.addEventListener("change", () => goal(words, box.checked));
    label.append(box, say(`goal_${words.replace(/ /g, "_")}`));
    byId("layout-goals").append(label);
  }
  byId("layout-add").addEventListener("click", () => {
    const shape = texts[at]!.replace(/^name:.*\n/m, "");
    texts.push(`name: ${say("layout_number", { number: texts.length + 1 })}\n${shape}`);
    choose(texts.length - 1);
  });
  byId("layout-remove").addEventListener("click", () => {
    texts.splice(at, 1);
    choose(Math.min(at, texts.length - 1));
  });
  byId("layout-form").addEventListener("submit", (event) => {
    event.preventDefault();
    send({ do: "layouts", layouts: texts }).then(
      () => dialog.close(),
      (reason: unknown) => (trouble.textContent = (reason as Error).message),
    );
  });
}

/** Lets a person change the layouts of the scene; what is saved goes through the same check as a file. */
export function layoutEditor(index: number): void {
  ready();
  texts = (data.setting.layouts as (PlotLayout | LawnLayout)[]).map((layout) => layout.text);
  trouble.textContent = "";
  tools();
  choose(Math.min(index, texts.length - 1));
  dialog.showModal();
}
