import "./styles/spread.css";
import "./styles/editor.css";
import "./styles/scene.css";
import { historyDialog, names, takePng } from "./desk/bar";
import { comparing } from "./desk/compare";
import * as caret from "./desk/caret";
import { update } from "./desk/columns";
import { sending } from "./desk/device";
import * as drag from "./desk/drag";
import { drawer, mouse, ownDrawer } from "./desk/drawer";
import { act, paste, refused, travel } from "./desk/editing";
import { blankAt, commit, isOpen, refusedBlanks } from "./desk/filler";
import { keys } from "./desk/keys";
import { drawBreaks } from "./desk/breaks";
import * as player from "./desk/player";
import { forget } from "./desk/stage";
import { leading } from "./desk/leading";
import { onLevelled, room } from "./desk/room";
import { counts, glancing, readOut } from "./desk/plain";
import { pointing } from "./desk/pointing";
import { reference, type Written } from "./desk/reference";
import { shortcuts } from "./desk/shortcuts";
import { files } from "./desk/files";
import { handsOfAll, inkMeter, sealing } from "./desk/seals";
import { showWaiting, start as startServer } from "./desk/server";
import { commit as commitLine } from "./desk/writer";
import { byId, say } from "./desk/page";
import { data, onAnswer } from "./desk/store";

const column = caret.column;
/** The editor is large, and comes while the page is already there. */
const text = data.typed ? import("./desk/typing") : null;

function state(): void {
  byId<HTMLButtonElement>("undo").disabled = !data.canUndo;
  byId<HTMLButtonElement>("redo").disabled = !data.canRedo;
  ownDrawer();
  counts();
  const begin = document.getElementById("begin");
  if (begin) begin.hidden = document.querySelectorAll("#blocks > li[data-row]").length > 1;
  byId("mixed").replaceChildren(
    ...data.mixed.map((name) => {
      const notice = document.createElement("p");
      notice.textContent = say("mixed", { name });
      return notice;
    }),
  );
}

// What follows an answer, in this order: the pages first, the caret in them, then what stands beside them.
onAnswer((answer) => {
  const focused = (document.activeElement as HTMLElement | null)?.closest<HTMLElement>("#blocks .blank");
  const [row, slot] = [Number(focused?.closest<HTMLElement>("li")?.dataset.row), focused?.dataset.slot];
  update(answer);
  showWaiting();
  refusedBlanks();
  if (slot && !isOpen()) blankAt(row, slot)?.focus();
});
onAnswer((answer) => void text?.then((module) => module.typing(answer)));
onAnswer(inkMeter);
onAnswer(sealing);
onAnswer(state);
onAnswer(caret.stay);
onAnswer(caret.draw);
onLevelled(caret.draw);
onAnswer(drawBreaks);
onAnswer(forget);
onAnswer(player.stale);
readOut();
startServer();
caret.start(act);
state();
drawer();
if (column) {
  mouse(column);
  column.addEventListener("keydown", keys);
  document.addEventListener("paste", (event) => {
    if ((event.target as Element).closest("input, textarea, dialog, #typed")) return;
    event.preventDefault();
    void paste(event.clipboardData?.getData("text/plain") ?? "");
  });
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
let inText: () => Written | null = () => null;
void text?.then((module) => (inText = module.written));
reference(() => inText());
shortcuts();
sending();
leading();
room();
glancing();
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
