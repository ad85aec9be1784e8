import { onPointed } from "./columns";
import { byId } from "./page";
import { isBusy } from "./server";
import { data, onAnswer } from "./store";

/** How long nothing changes until the lines are read out anew. */
const REST = 250;
/** How long after a failed question it is asked again. */
const AGAIN = 5000;

/** What the lines of the page say, by the place they belong to, and of which state. */
let known: { revision: number; sentences: Record<string, string> } = { revision: -1, sentences: {} };
let at: string | null = null;
let timer = 0;

function show(): void {
  const place = at?.split("/")[0];
  byId("plain").textContent = (place !== undefined && known.sentences[place]) || "";
}

async function ask(): Promise<void> {
  if (known.revision === data.revision) return;
  const response = isBusy() ? null : await fetch(`${data.address}/plain?text=${data.text}`).catch(() => null);
  const answer = response?.ok ? ((await response.json()) as typeof known) : null;
  if (answer) known = answer;
  if (known.revision !== data.revision) wait(answer || isBusy() ? REST : AGAIN);
  show();
}

function wait(time: number): void {
  clearTimeout(timer);
  timer = window.setTimeout(() => void ask(), time);
}

/** Reads out the line that the caret is in or that is pointed at. */
export function readOut(): void {
  onPointed((key) => {
    at = key;
    show();
  });
  onAnswer(() => wait(REST));
  wait(0);
}
