import "./styles/desk.css";
import * as caret from "./desk/caret";
import { linesOf, mark, reveal, update } from "./desk/columns";
import { byId, data, say, type Answer, type Edit } from "./desk/data";
import * as drag from "./desk/drag";
import { blankAt, blanks, commit, fill, isOpen } from "./desk/filler";
import * as picker from "./desk/picker";
import * as player from "./desk/player";
import { Refused, send, start as startServer } from "./desk/server";
import { lightMarks } from "./desk/sheet";

const column = caret.column;
const here = byId("here");

function state(): void {
  byId<HTMLButtonElement>("undo").disabled = !data.canUndo;
  byId<HTMLButtonElement>("redo").disabled = !data.canRedo;
  ownDrawer();
  byId("mixed").replaceChildren(
    ...data.mixed.map((name) => {
      const notice = document.createElement("p");
      notice.className = "run-message";
      notice.textContent = say("mixed", { name });
      return notice;
    }),
  );
}

/** Own functions are in the drawer like every other command. */
function ownDrawer(): void {
  const list = document.querySelector('#drawer [data-kind="own"] ul');
  if (!list) return;
  for (const one of list.querySelectorAll("[data-own]")) one.closest("li")!.remove();
  for (const { name } of data.functions) {
    const item = document.createElement("li");
    const button = document.createElement("button");
    button.type = "button";
    button.className = "stock";
    Object.assign(button.dataset, { entry: `call.${name}`, goes: "row", kind: "own", icon: "bookmark-plus", own: "" });
    button.textContent = `${say("call")} ${name}`;
    item.append(button);
    list.append(item);
  }
}

type After = "caret-inside" | "select" | "stay";

function perform(edit: Edit, after: After, typing = false): void {
  const before = caret.place();
  send(edit).then(
    (answer) => {
      if (after === "stay" || !answer.select.length) caret.keepPlace(before);
      else caret.follow(answer, after === "caret-inside");
      if (typing && answer.focus !== null) {
        const first = column?.querySelector<HTMLElement>(`li[data-row="${answer.focus}"] .blank`);
        if (first) fill(first);
      }
    },
    (refusal: unknown) => refused(refusal),
  );
}

function refused(refusal: unknown): void {
  if (refusal instanceof Refused) {
    here.textContent = refusal.message;
    here.classList.add("trouble-mark");
    setTimeout(() => here.classList.remove("trouble-mark"), 6000);
  }
}

function insert(entry: string, typing: boolean): void {
  const [, , parent, body, index] = caret.place();
  const place = fitting(entry) ?? { parent, body, index };
  perform({ do: "insert", row: entry, ...place }, "caret-inside", typing);
}

/** A function goes behind the functions wherever the caret stands. */
function fitting(entry: string): { parent: number; body: string; index: number } | null {
  if (entry !== "define") return null;
  const last = data.places.filter((one) => one[3] === "functions").pop()!;
  return { parent: last[2], body: last[3], index: last[4] };
}

function act(name: string): void {
  const chosen = caret.selection();
  if (!chosen) return;
  const [row, part] = [chosen.ids[0]!, chosen.part];
  if (name === "delete")
    perform(part === "head" ? { do: "delete", ids: chosen.ids } : { do: "delete-part", row, part }, "stay");
  else if (name === "unwrap") perform({ do: "unwrap", row, part }, part === "head" ? "select" : "stay");
  else if (name === "duplicate") perform({ do: "duplicate", ids: chosen.ids }, "select");
  else if (name === "switch_off" || name === "switch_on")
    perform({ do: name === "switch_off" ? "off" : "on", ids: chosen.ids }, "select");
  else if (name === "wrap") {
    const holders = ["repeat", "count", "while", "forever", "if"];
    const options = picker.stock().filter((one) => holders.includes(one.value));
    picker.pick(options, say("wrap"), (value) => perform({ do: "wrap", ids: chosen.ids, row: value }, "select"));
  }
}

/** What can be done with the chosen rows, as a list for the keys. */
function actionList(): void {
  const names = [...document.querySelectorAll<HTMLElement>(".actions button")].map((one) => ({
    value: one.dataset.action!,
    label: one.title,
  }));
  picker.pick(names, say("selected", { count: caret.selection()?.ids.length ?? 1 }), act);
}

/** Without chosen rows the keys mean the row before the caret. */
function rowsAtCaret(): number[] | null {
  const chosen = caret.selection();
  if (chosen) return chosen.part === "head" ? chosen.ids : null;
  const before = caret.place()[6];
  return before === null ? null : [before];
}

function erase(forward: boolean): void {
  if (caret.selection()) return act("delete");
  const [, , parent, body, index, , before, after] = caret.place();
  const id = forward ? after : before;
  if (id !== null) perform({ do: "delete", ids: [id] }, "stay");
  else if (!forward && index === 0 && body !== "functions") {
    const part = /^then[1-9]|^otherwise$/.test(body) ? body : "head";
    if (part !== "head" || caret.rowLine(parent)?.hasAttribute("data-holds"))
      perform({ do: "unwrap", row: parent, part }, "stay");
  }
}

/** Moves the chosen rows to the next place up or down that takes them. */
function shift(by: number): void {
  const ids = rowsAtCaret();
  if (!ids) return;
  const inside = new Set(ids.flatMap((id) => caret.linesUnder(id).map((line) => Number(line.dataset.row))));
  const goes = caret.rowLine(ids[0]!)?.dataset.goes ?? "row";
  const first = data.places.findIndex((one) => one[7] === ids[0]);
  const last = data.places.findIndex((one) => one[6] === ids[ids.length - 1]);
  for (let at = by < 0 ? first - 1 : last + 1; data.places[at]; at += by) {
    const [, , parent, body, index, accepts] = data.places[at]!;
    if (accepts.includes(goes) && !inside.has(parent)) {
      perform({ do: "move", ids, parent, body, index }, "select");
      return;
    }
  }
}

let clipboard = "";
async function copy(cut: boolean): Promise<void> {
  const ids = rowsAtCaret();
  if (!ids) return;
  const response = await fetch(`${data.address}/rows?ids=${ids.join(",")}`);
  if (!response.ok) return;
  clipboard = ((await response.json()) as { rows: string }).rows;
  sessionStorage.setItem("scrivlet-clipboard", clipboard);
  await navigator.clipboard?.writeText(clipboard).catch(() => {});
  if (cut) perform({ do: "delete", ids }, "stay");
}

function paste(): void {
  const rows = clipboard || sessionStorage.getItem("scrivlet-clipboard");
  if (!rows) return;
  const [, , parent, body, index] = caret.place();
  perform({ do: "paste", rows, parent, body, index }, "select");
}

function focusBlank(by: number, fromBlank: HTMLElement | null): boolean {
  const all = blanks();
  let next: HTMLElement | undefined;
  if (fromBlank) {
    next = all[all.indexOf(fromBlank) + by];
  } else {
    const [anchor, , , , , , before] = caret.place();
    const line = column?.querySelector(`li[data-key="${CSS.escape(anchor)}/0"]`);
    const own = before === null ? null : caret.rowLine(before)?.querySelector<HTMLElement>(".blank");
    next = own ?? all.find((one) => line && line.compareDocumentPosition(one) & Node.DOCUMENT_POSITION_FOLLOWING);
    if (by < 0) next = undefined;
  }
  next?.focus();
  return next !== undefined;
}

function keys(event: KeyboardEvent): void {
  const control = event.ctrlKey || event.metaKey;
  const blank = (event.target as Element).closest<HTMLElement>("#blocks .blank");
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const done = (): void => event.preventDefault();
  if (control && key === "z") return (done(), travel(event.shiftKey ? "redo" : "undo"));
  if (control && key === "y") return (done(), travel("redo"));
  if (control && key === "d") {
    const ids = rowsAtCaret();
    return (done(), ids ? perform({ do: "duplicate", ids }, "select") : undefined);
  }
  if (control && key === "c") return (done(), void copy(false));
  if (control && key === "x") return (done(), void copy(true));
  if (control && key === "v") return (done(), paste());
  if (control && key === "/") {
    const ids = rowsAtCaret();
    return (
      done(),
      ids ? perform({ do: caret.rowLine(ids[0]!)?.hasAttribute("data-off") ? "on" : "off", ids }, "select") : undefined
    );
  }
  if (key === "Tab" && (blank || !event.shiftKey)) {
    if (focusBlank(event.shiftKey ? -1 : 1, blank)) done();
    else if (blank && event.shiftKey) (done(), column?.focus());
    return;
  }
  if (blank) {
    if (key === "Enter" || key === " " || key === "F2") return (done(), fill(blank));
    if (key === "Escape") return (done(), column?.focus());
    if (key === "ArrowLeft" || key === "ArrowRight")
      return (done(), void focusBlank(key === "ArrowRight" ? 1 : -1, blank));
    if (event.key.length === 1 && !control && !event.altKey) return (done(), fill(blank, event.key));
    if (!key.startsWith("Arrow")) return;
    column?.focus();
  }
  if (key === "ArrowUp" || key === "ArrowDown") {
    done();
    const by = key === "ArrowUp" ? -1 : 1;
    return event.altKey ? shift(by) : caret.move(by, event.shiftKey);
  }
  if (key === "Home" || key === "End") return (done(), caret.moveTo(key === "Home" ? 0 : data.places.length - 1));
  if (key === "Enter") return (done(), caret.selection() ? actionList() : choose());
  if (key === "Delete" || key === "Backspace") return (done(), erase(key === "Delete"));
  if (key === "Escape") return (done(), caret.clearSelection());
}

function choose(): void {
  picker.pick(picker.stock(), say("insert"), (entry) => insert(entry, true));
}

function travel(way: "undo" | "redo"): void {
  if (way === "undo" ? data.canUndo : data.canRedo) perform({ do: way }, "stay");
}

/** Points at one place on all pages, in the spines and in the drawing. */
function point(key: string | null): void {
  mark("lit", key);
  lightMarks(key);
}

function pointing(): void {
  const spread = byId("spread");
  spread.addEventListener("pointerover", (event) =>
    point((event.target as Element).closest<HTMLElement>("li[data-key]")?.dataset.key ?? null),
  );
  spread.addEventListener("pointerleave", () => (column ? (lightMarks(null), caret.draw()) : point(null)));
  byId("sheet").addEventListener("pointerover", (event) => {
    const key = (event.target as SVGElement).dataset.key ?? null;
    point(key);
    if (key) here.textContent = words(key);
  });
  byId("sheet").addEventListener("click", (event) => {
    const key = (event.target as SVGElement).dataset.key;
    if (key) reveal(key);
  });
  for (const text of document.querySelectorAll<HTMLElement>(".column.code")) textCaret(text);
}

/** In a text page the arrows walk from line to line, and what belongs to it lights up. */
function textCaret(text: HTMLElement): void {
  let at = -1;
  const go = (next: number): void => {
    const lines = [...text.querySelectorAll<HTMLElement>("li:not(.vacant)")];
    at = Math.max(0, Math.min(next, lines.length - 1));
    const key = lines[at]?.dataset.key;
    if (!key) return;
    point(key);
    reveal(key);
    here.textContent = words(key);
  };
  text.addEventListener("keydown", (event) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by) {
      event.preventDefault();
      go(at + by);
    }
  });
  text.addEventListener("click", (event) => {
    const line = (event.target as Element).closest("li");
    if (line) go([...text.querySelectorAll("li:not(.vacant)")].indexOf(line));
  });
}

function words(key: string): string {
  return linesOf(key)
    .filter((line) => !line.closest(".spine"))
    .map((line) => line.textContent!.replace(/\s+/g, " ").trim())
    .filter(Boolean)
    .join("   ·   ");
}

function mouse(page: HTMLElement): void {
  page.addEventListener("click", (event) => {
    const target = event.target as Element;
    const blank = target.closest<HTMLElement>(".blank");
    const line = target.closest<HTMLElement>("li");
    if (blank) {
      fill(blank);
    } else if (line?.dataset.row && line.dataset.part !== "empty") {
      caret.select(Number(line.dataset.row), line.dataset.part!, event.shiftKey);
      page.focus({ preventScroll: true });
    } else if (line?.dataset.part === "empty") {
      caret.moveTo(data.places.findIndex((one) => `${one[2]}:${one[3]}-empty/0` === line.dataset.key));
      page.focus({ preventScroll: true });
    } else {
      caret.moveTo(data.places.length - 1);
      page.focus({ preventScroll: true });
    }
  });
  byId("put-in").addEventListener("click", choose);
  byId("drawer").addEventListener("click", (event) => {
    const stock = (event.target as Element).closest<HTMLElement>(".stock");
    if (!stock) return;
    const entry = stock.dataset.entry!;
    if (entry !== "define" && !caret.place()[5].includes(stock.dataset.goes!)) {
      send({
        do: "insert",
        row: entry,
        parent: caret.place()[2],
        body: caret.place()[3],
        index: caret.place()[4],
      }).catch(refused);
      return;
    }
    insert(entry, false);
    page.focus({ preventScroll: true });
  });
  const find = byId<HTMLInputElement>("find-row");
  find.addEventListener("input", () => {
    const wanted = find.value.toLowerCase();
    for (const section of document.querySelectorAll<HTMLElement>("#drawer section")) {
      let any = false;
      for (const stock of section.querySelectorAll<HTMLElement>(".stock")) {
        const fits = `${stock.textContent} ${stock.dataset.entry} ${stock.title}`.toLowerCase().includes(wanted);
        stock.parentElement!.hidden = !fits;
        any ||= fits;
      }
      section.hidden = !any;
    }
  });
}

function names(): void {
  const form = byId<HTMLFormElement>("rename-form");
  const input = form.querySelector<HTMLInputElement>('[name="name"]')!;
  const button = byId("rename");
  const end = (): void => {
    form.classList.add("unseen");
    button.hidden = false;
  };
  button.addEventListener("click", () => {
    button.hidden = true;
    form.classList.remove("unseen");
    input.select();
    input.focus();
  });
  input.tabIndex = -1;
  input.addEventListener("blur", () => {
    if (input.value.trim() && input.value !== button.textContent) form.submit();
    else end();
  });
  input.addEventListener("keydown", (event) => {
    if (event.key === "Escape") {
      input.value = button.textContent!;
      end();
      button.focus();
    }
  });
}

function historyDialog(): void {
  const dialog = byId<HTMLDialogElement>("history-dialog");
  const load = async (before?: string): Promise<void> => {
    const response = await fetch(`${data.address}/history${before ? `?before=${before}` : ""}`);
    if (response.ok) dialog.innerHTML = await response.text();
  };
  byId("history").addEventListener("click", async () => {
    await load();
    dialog.showModal();
  });
  dialog.addEventListener("click", (event) => {
    const target = (event.target as Element).closest<HTMLElement>("[data-return], [data-before]");
    if (target?.dataset.before) void load(target.dataset.before);
    if (target?.dataset.return) {
      dialog.close();
      perform({ do: "return", to: Number(target.dataset.return) }, "stay");
    }
  });
}

async function takePng(): Promise<void> {
  const response = await fetch(`${data.address}/drawing.svg`);
  const address = URL.createObjectURL(await response.blob());
  const picture = new Image();
  picture.src = address;
  await picture.decode();
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [960, 720];
  canvas.getContext("2d")!.drawImage(picture, 0, 0, 960, 720);
  URL.revokeObjectURL(address);
  canvas.toBlob((blob) => {
    const link = document.createElement("a");
    link.href = URL.createObjectURL(blob!);
    link.download = `${byId("rename").textContent}.png`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  });
}

startServer((answer: Answer) => {
  const focused = (document.activeElement as HTMLElement | null)?.closest<HTMLElement>("#blocks .blank");
  const [row, slot] = [Number(focused?.closest<HTMLElement>("li")?.dataset.row), focused?.dataset.slot];
  update(answer);
  if (slot && !isOpen()) blankAt(row, slot)?.focus();
  state();
  caret.draw();
  player.stale();
});
caret.start(act);
state();
if (column) {
  mouse(column);
  column.addEventListener("keydown", keys);
  drag.start((promise, isNew) => promise.then((answer) => caret.follow(answer, isNew), refused));
}
document.addEventListener("keydown", (event) => {
  const target = event.target as Element;
  if (target.closest("input, #blocks, dialog")) return;
  if ((event.ctrlKey || event.metaKey) && ["z", "y"].includes(event.key.toLowerCase())) keys(event);
});
byId("undo").addEventListener("click", () => travel("undo"));
byId("redo").addEventListener("click", () => travel("redo"));
byId("take-png").addEventListener("click", () => void takePng());
window.addEventListener("pagehide", () => commit());
names();
historyDialog();
pointing();
player.start();
column?.focus({ preventScroll: true });
