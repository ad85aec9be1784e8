import { Live } from "./live";

/** What lies over a pupil's pages: hands off, a page to which all are gathered, notes in the margin. */
const layer = (): HTMLElement => document.querySelector<HTMLElement>("#class-layer")!;
/** The page to which all were gathered that this window has opened by itself already. */
let opened = sessionStorage.getItem("scrivlet-gathered") ?? "";
let asking = false;
let askAgain = false;

function replace(html: string): void {
  const made = new DOMParser().parseFromString(html, "text/html").querySelector("#class-layer");
  if (!made) return;
  const wasOpen = gathered()?.hidden === false;
  const had = document.activeElement?.closest("#class-layer, [data-class-slot]") ? document.activeElement.id : "";
  layer().replaceWith(document.importNode(made, true));
  settle(wasOpen);
  if (had) document.querySelector<HTMLElement>(`#${had}`)?.focus();
}

const gathered = (): HTMLElement | null => document.querySelector<HTMLElement>("#class-gathered");

/** Brings to light what the layer says: what is new opens by itself, once. */
function settle(wasOpen: boolean): void {
  const hold = document.querySelector<HTMLDialogElement>("#class-hold");
  if (hold && !hold.open) {
    hold.addEventListener("cancel", (event) => event.preventDefault());
    hold.showModal();
  }
  const panel = gathered();
  const to = panel?.dataset.to?.replace(/ \d+$/, "") ?? "";
  if (panel) {
    // The focus stays where a hand may be typing; the panel says by itself that it is there.
    panel.hidden = to === opened && !wasOpen;
  }
  const strip = document.querySelector("#class-layer #class-strip");
  if (strip) document.querySelector("[data-class-slot]")?.replaceChildren(strip);
  opened = to;
  sessionStorage.setItem("scrivlet-gathered", opened);
  mark();
  showLight();
  live.listen(layer().dataset.channels!);
}

/** The rows and lines beside which a note stands. */
function mark(): void {
  for (const row of document.querySelectorAll("[data-noted]")) row.removeAttribute("data-noted");
  for (const note of document.querySelectorAll<HTMLElement>("#class-notes [data-note]")) {
    const { place, anchor } = note.dataset;
    if (place?.startsWith("program ") && location.pathname === `/programs/${place.slice(8)}` && anchor)
      for (const row of document.querySelectorAll(`[data-key^="${CSS.escape(anchor)}/"]`))
        row.toggleAttribute("data-noted", true);
  }
}

function showLight(): void {
  document.querySelector("#class-lines [aria-current]")?.scrollIntoView({ block: "center" });
}

function light(to: { language: string; key: string }): void {
  const lines = document.querySelector<HTMLElement>("#class-lines");
  if (!lines || lines.dataset.language !== to.language) return void ask();
  for (const line of lines.querySelectorAll<HTMLElement>("[data-key]"))
    if (line.dataset.key === to.key) line.setAttribute("aria-current", "true");
    else line.removeAttribute("aria-current");
  showLight();
}

async function ask(): Promise<void> {
  if (asking) return void (askAgain = true);
  asking = true;
  const { address, digest } = layer().dataset;
  const answer = await fetch(`${address}?known=${digest}`, { headers: { "X-Requested-With": "fetch" } }).catch(
    () => null,
  );
  asking = false;
  if (answer?.status === 200) replace(await answer.text());
  // Whoever was taken out of the class is not signed in any more.
  else if (answer && (answer.status === 401 || answer.status === 404)) location.href = "/join";
  if (askAgain) {
    askAgain = false;
    void ask();
  }
}

const live = new Live(
  (data) => {
    const told = data as { look?: number; light?: { language: string; key: string } };
    if (told.light && Number(layer().dataset.said) >= (told.look ?? 0) - 1) {
      layer().dataset.said = String(told.look);
      light(told.light);
    } else void ask();
  },
  () => void ask(),
  (isLost) => {
    const place = document.querySelector<HTMLElement>("#class-offline");
    if (place) place.hidden = !isLost;
  },
);

document.addEventListener("submit", (event) => {
  const form = event.target as HTMLFormElement;
  if (!form.matches("[data-class-form]")) return;
  event.preventDefault();
  void fetch(form.action, { method: "POST", body: new FormData(form), headers: { "X-Requested-With": "fetch" } })
    .then(async (answer) => (answer.ok ? replace(await answer.text()) : undefined))
    .catch(() => form.submit());
});
document.addEventListener("click", (event) => {
  const target = event.target as Element;
  const panel = gathered();
  if (!panel) return;
  if (target.closest("#class-gathered-close")) {
    panel.hidden = true;
    document.querySelector<HTMLElement>("#class-gathered-open")?.focus();
  } else if (target.closest("#class-gathered-open")) {
    panel.hidden = false;
    panel.querySelector<HTMLElement>("h2")?.focus();
  }
});
document.addEventListener("keydown", (event) => {
  if (event.key === "Escape" && gathered()?.contains(document.activeElement)) gathered()!.hidden = true;
});
// The desk paints its rows anew with every edit.
const pages = document.querySelector("#spread");
if (pages) new MutationObserver(() => mark()).observe(pages, { childList: true, subtree: true });
settle(false);
