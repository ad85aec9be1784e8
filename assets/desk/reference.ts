import * as caret from "./caret";
import { placeOf } from "./columns";
import { refused, rowsAtCaret } from "./editing";
import { byId } from "./page";
import { send } from "./server";
import { data } from "./store";

/** Where the caret of the text page stands: its line, and the word there or the one chosen in the list. */
export interface Written {
  line: number;
  word: string;
}

let written: () => Written | null = () => null;

const form = byId<HTMLFormElement>("reference-form");
const dialog = byId<HTMLDialogElement>("reference-dialog");

/** The row that the hand is at, on whichever page. */
function rowAt(line: number | null): number | null {
  if (line === null) return rowsAtCaret()?.[0] ?? (data.places.length ? caret.place().parent : null);
  return Number(placeOf(data.typed!.language, line)?.split(":")[0]) || null;
}

/** Opens the reference at what words say, else at the row and the word that the hand is at. */
export function openReference(words?: string): void {
  const typed = written();
  const row = words === undefined ? rowAt(typed?.line ?? null) : null;
  form.querySelector<HTMLInputElement>("[name=row]")!.value = String(row ?? 0);
  form.querySelector<HTMLInputElement>("[name=word]")!.value = words ?? typed?.word ?? "";
  form.requestSubmit();
}

/** An example goes where the caret stands, on the text page behind the row of its line. */
function putIn(of: string): void {
  const line = written()?.line ?? null;
  const row = line === null ? null : rowAt(line);
  const behind = data.places.find((one) => row !== null && one.before === row && one.parent !== 0);
  const last = data.places[data.places.length - 1]!;
  const { parent, body, index } = behind ?? (caret.place().parent === 0 ? last : caret.place());
  dialog.close();
  send({ do: "example", of, parent, body, index }).then((answer) => caret.follow(answer, false), refused);
}

/** @param inText where the text page's caret stands, if it has the focus */
export function reference(inText: () => Written | null): void {
  // Opening the leaf takes the focus from the editor: what was asked from there is kept.
  let kept: Written | null = null;
  written = () => (dialog.open ? kept : (kept = inText()));
  byId("reference").addEventListener("click", () => openReference());
  form.addEventListener("htmx:after:swap", () => {
    if (!dialog.open) dialog.showModal();
    byId<HTMLInputElement>("reference-find").focus();
  });
  dialog.addEventListener("submit", (event) => {
    if ((event.target as Element).matches("[role=search]")) event.preventDefault();
  });
  dialog.addEventListener("click", (event) => {
    const button = (event.target as Element).closest<HTMLElement>("[data-put-in]");
    if (button) putIn(button.dataset.putIn!);
  });
}
