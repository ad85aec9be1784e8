import "./styles/spread.css";
import "./styles/editor.css";
import "./styles/scene.css";
import { historyDialog, names, takePng } from "./desk/bar";
import { comparing } from "./desk/compare";
import * as caret from "./desk/caret";
import { update } from "./desk/columns";
import { byId, data, say, type Answer } from "./desk/data";
import * as drag from "./desk/drag";
import { mouse, ownDrawer } from "./desk/drawer";
import { act, refused, travel } from "./desk/editing";
import { blankAt, commit, isOpen, refusedBlanks } from "./desk/filler";
import { keys } from "./desk/keys";
import { drawBreaks } from "./desk/breaks";
import * as player from "./desk/player";
import { forget } from "./desk/stage";
import { pointing } from "./desk/pointing";
import { files } from "./desk/files";
import { handsOfAll, inkMeter, sealing } from "./desk/seals";
import { showWaiting, start as startServer } from "./desk/server";
import { commit as commitLine } from "./desk/writer";

const column = caret.column;
/** The editor is large, and comes while the page is already there. */
const text = data.typed ? import("./desk/typing") : null;

function state(): void {
  byId<HTMLButtonElement>("undo").disabled = !data.canUndo;
  byId<HTMLButtonElement>("redo").disabled = !data.canRedo;
  ownDrawer();
  byId("mixed").replaceChildren(
    ...data.mixed.map((name) => {
      const notice = document.createElement("p");
      notice.textContent = say("mixed", { name });
      return notice;
    }),
  );
}

startServer((answer: Answer) => {
  const focused = (document.activeElement as HTMLElement | null)?.closest<HTMLElement>("#blocks .blank");
  const [row, slot] = [Number(focused?.closest<HTMLElement>("li")?.dataset.row), focused?.dataset.slot];
  update(answer);
  showWaiting();
  refusedBlanks();
  void text?.then((module) => module.typing(answer));
  inkMeter();
  sealing(answer);
  if (slot && !isOpen()) blankAt(row, slot)?.focus();
  state();
  caret.stay();
  caret.draw();
  drawBreaks();
  forget();
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
  if (target.closest("input, #blocks, #typed, dialog")) return;
  if ((event.ctrlKey || event.metaKey) && ["z", "y"].includes(event.key.toLowerCase())) keys(event);
});
byId("undo").addEventListener("click", () => travel("undo"));
byId("redo").addEventListener("click", () => travel("redo"));
byId("take-png").addEventListener("click", () => void takePng());
window.addEventListener("pagehide", () => (commit(), commitLine()));
names();
historyDialog();
comparing();
pointing();
void text?.then((module) => module.startTyping());
player.start();
files(async () => {
  commit();
  commitLine();
  (await text)?.read();
});
handsOfAll();
inkMeter();
sealing(null);
column?.focus({ preventScroll: true });
