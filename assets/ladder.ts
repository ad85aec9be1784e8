import { answerOf, sorting } from "./ladder/answer";
import { ask } from "./patience";

const page = document.querySelector<HTMLElement>("#ladder")!;
const form = document.querySelector<HTMLFormElement>("#rung");
const { address, kind, language, seed } = page.dataset as Record<string, string>;
/** What is asked besides doing the same, as the page says it. */
const asked = JSON.parse(page.dataset.asked!) as Record<string, unknown>;
const STAMPS = `scrivlet-stamps:${address}:${language}`;

/** The rungs that were passed in this browser. */
function stamped(): string[] {
  return JSON.parse(localStorage.getItem(STAMPS) ?? "[]") as string[];
}

function showStamps(): void {
  const done = stamped();
  for (const link of document.querySelectorAll<HTMLElement>("[data-rung]"))
    link.querySelector<HTMLElement>("[data-stamp]")!.hidden = !done.includes(link.dataset.rung!);
}

async function send<T>(what: string, further: Record<string, unknown> = {}): Promise<T | null> {
  const answer = { kind, language, seed: Number(seed), answer: answerOf(form!), ...asked, ...further };
  const response = await ask(`${address}/${what}`, answer);
  return response?.ok ? ((await response.json()) as T) : null;
}

if (form) {
  const verdict = document.querySelector<HTMLElement>("#rung-verdict")!;
  const hints = document.querySelector<HTMLElement>("#rung-hints")!;
  /** What was typed is there again when the page is. */
  const draft = `scrivlet-rung:${address}:${kind}:${language}:${seed}`;
  const text = document.querySelector<HTMLTextAreaElement>("#rung-text");
  /** How near each try came. */
  const tries: number[] = [];
  if (text) {
    text.value = localStorage.getItem(draft) ?? text.value;
    text.addEventListener("input", () => localStorage.setItem(draft, text.value));
    text.addEventListener("keydown", (event) => {
      if (event.key !== "Tab" || event.shiftKey || event.ctrlKey) return;
      // At the beginning of a line the key sets it in; elsewhere it leads on, as everywhere.
      if (!/(^|\n)[ ]*$/.test(text.value.slice(0, text.selectionStart))) return;
      event.preventDefault();
      text.setRangeText("    ", text.selectionStart, text.selectionEnd, "end");
      text.dispatchEvent(new Event("input"));
    });
  }
  sorting(form);
  form.addEventListener("submit", async (event) => {
    event.preventDefault();
    const answer = await send<{ passed: boolean; why: string[]; near: number; gentler: string | null }>("mark", {
      tries,
    });
    if (answer) tries.push(answer.near);
    verdict.toggleAttribute("data-passed", answer?.passed ?? false);
    verdict.replaceChildren(
      ...(answer?.why ?? ["…"]).map((line) => Object.assign(document.createElement("p"), { textContent: line })),
    );
    document.querySelector<HTMLElement>("#rung-next")!.hidden = !answer?.passed;
    document.querySelector<HTMLElement>("#rung-gentler")?.toggleAttribute("hidden", !answer?.gentler);
    if (!answer?.passed) return;
    localStorage.setItem(STAMPS, JSON.stringify([...new Set([...stamped(), kind!])]));
    localStorage.removeItem(draft);
    hints.replaceChildren();
    showStamps();
  });
  document.addEventListener("keydown", (event) => {
    if ((event.ctrlKey || event.metaKey) && event.key === "Enter") form.requestSubmit();
  });
  document.querySelector("#rung-hint")!.addEventListener("click", async () => {
    const answer = await send<{ says: string }>("hint", { step: Math.min(5, hints.childElementCount + 1) });
    if (answer) hints.append(Object.assign(document.createElement("li"), { textContent: answer.says }));
    if (hints.childElementCount > 5) hints.firstElementChild!.remove();
  });
}
document.querySelector<HTMLSelectElement>("#ladder-language")!.addEventListener("change", (event) => {
  (event.target as HTMLSelectElement).form!.submit();
});
showStamps();
