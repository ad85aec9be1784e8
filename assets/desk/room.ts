import { linesOf } from "./columns";
import { byId } from "./page";
import { onAnswer } from "./store";
import { store } from "./unsent";

const SIZE = "scrivlet-scene-size";
const FOLDED = "scrivlet-folded";
const PAGES = "scrivlet-share-pages";
const STAGE = "scrivlet-share-stage";
const WRAPPED = "scrivlet-wrapped";

/**
 * A line between two columns that is dragged, or moved by the arrow keys, and remembered.
 *
 * @param fromRight whether its share is that of what lies to its right
 */
function splitter(
  id: string,
  key: string,
  set: (share: number) => void,
  within: () => DOMRect,
  fromRight: boolean,
): void {
  const line = document.getElementById(id);
  if (!line) return;
  const [least, most] = [Number(line.getAttribute("aria-valuemin")), Number(line.getAttribute("aria-valuemax"))];
  const move = (wanted: number): void => {
    const share = Math.round(Math.max(least, Math.min(most, wanted)) * 10) / 10;
    set(share);
    line.setAttribute("aria-valuenow", String(share));
    store(key, String(share));
  };
  const kept = localStorage.getItem(key);
  if (kept !== null) move(Number(kept));
  line.addEventListener("pointerdown", (down) => {
    down.preventDefault();
    line.setPointerCapture(down.pointerId);
    const moved = (event: PointerEvent): void => {
      const box = within();
      const share = (100 * (event.clientX - box.left)) / box.width;
      move(fromRight ? 100 - share : share);
    };
    line.addEventListener("pointermove", moved);
    line.addEventListener("lostpointercapture", () => line.removeEventListener("pointermove", moved), { once: true });
  });
  line.addEventListener("keydown", (event) => {
    const by = { ArrowLeft: -2, ArrowRight: 2 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    move(Number(line.getAttribute("aria-valuenow")) + (fromRight ? -by : by));
  });
}

const levelled: (() => void)[] = [];

/** Tells a listener when rows have got other heights. */
export function onLevelled(listener: () => void): void {
  levelled.push(listener);
}

/** Long lines of the text page are broken on request, sentences always, and the rows beside them stay level. */
export function level(): void {
  const spread = byId("spread");
  let isChanged = false;
  for (const line of spread.querySelectorAll<HTMLElement>(".line[style*=height]")) {
    line.style.height = line.style.paddingBottom = "";
    line.style.removeProperty("--more");
    isChanged = true;
  }
  // What is typed stands in lines of one height.
  const isTyping = document.getElementById("typed")?.hidden === false;
  const isSaid = !isTyping && document.getElementById("plain-page")?.hidden === false;
  spread.toggleAttribute("data-said", isSaid);
  const wrapped = [
    ...(spread.hasAttribute("data-wrapped") ? [".script-page"] : []),
    ...(isSaid ? [".plain-page"] : []),
  ];
  if (wrapped.length === 0) {
    if (isChanged) for (const listener of levelled) listener();
    return;
  }
  const row = parseFloat(getComputedStyle(spread.querySelector(".line")!).height);
  const tall = new Map<string, number>();
  for (const line of spread.querySelectorAll<HTMLElement>(wrapped.map((one) => `${one} ol .line`).join())) {
    const rows = Math.ceil(line.scrollHeight / row - 0.1);
    if (rows > (tall.get(line.dataset.key!) ?? 1)) tall.set(line.dataset.key!, rows);
  }
  for (const [key, rows] of tall)
    for (const line of linesOf(key)) {
      line.style.height = `${rows * row}px`;
      line.style.paddingBottom = `${(rows - 1) * row}px`;
      line.style.setProperty("--more", line.style.paddingBottom);
    }
  for (const listener of levelled) listener();
}

/** How the room of the desk is shared: the drawer over the pages, the scene large or whole, the notes folded. */
export function room(): void {
  const drawer = byId("drawer");
  const opener = byId("open-drawer");
  const open = (on: boolean): void => {
    drawer.toggleAttribute("data-open", on);
    opener.setAttribute("aria-expanded", String(on));
  };
  opener.addEventListener("click", () => {
    open(!drawer.hasAttribute("data-open"));
    if (drawer.hasAttribute("data-open")) byId("find-row").focus();
  });
  document.addEventListener("click", (event) => {
    if (!(event.target as Element).closest("#drawer:not(:has(.stock:hover)), #open-drawer")) open(false);
  });
  drawer.addEventListener("keydown", (event) => {
    if (event.key !== "Escape") return;
    open(false);
    opener.focus();
  });

  splitter(
    "split-pages",
    PAGES,
    (share) => {
      const [blocks, script] = [".blocks-page", ".script-page"].map((one) => document.querySelector<HTMLElement>(one));
      if (!blocks || !script) return;
      blocks.style.flexGrow = String(share);
      script.style.flexGrow = String(100 - share);
    },
    () => document.getElementById("spread")!.getBoundingClientRect(),
    false,
  );
  splitter(
    "split-stage",
    STAGE,
    (share) => {
      document.querySelector<HTMLElement>("[data-columns]")!.style.setProperty("--stage", `${share}vw`);
    },
    () => new DOMRect(0, 0, innerWidth, innerHeight),
    true,
  );

  const larger = byId("scene-larger");
  const size = (name: string): void => {
    document.body.dataset.sceneSize = name;
    larger.setAttribute("aria-pressed", String(name === "large"));
  };
  size(localStorage.getItem(SIZE) ?? "");
  larger.addEventListener("click", () => {
    size(document.body.dataset.sceneSize === "large" ? "" : "large");
    store(SIZE, document.body.dataset.sceneSize!);
  });
  byId("scene-whole").addEventListener("click", () => {
    if (document.fullscreenElement) void document.exitFullscreen();
    else
      void byId("scene-area")
        .requestFullscreen()
        .catch(() => {});
  });

  const wrap = document.getElementById("wrap-lines");
  const wrapped = (on: boolean): void => {
    byId("spread").toggleAttribute("data-wrapped", on);
    wrap?.setAttribute("aria-pressed", String(on));
    level();
  };
  wrap?.addEventListener("click", () => {
    wrapped(!byId("spread").hasAttribute("data-wrapped"));
    store(WRAPPED, byId("spread").hasAttribute("data-wrapped") ? "yes" : "");
  });
  if (wrap) wrapped(localStorage.getItem(WRAPPED) === "yes");
  onAnswer(level);
  addEventListener("resize", level);

  const folded = new Set(JSON.parse(localStorage.getItem(FOLDED) ?? "[]") as string[]);
  for (const note of document.querySelectorAll<HTMLDetailsElement>("details[data-note]")) {
    note.open = !folded.has(note.dataset.note!);
    note.addEventListener("toggle", () => {
      if (note.open) folded.delete(note.dataset.note!);
      else folded.add(note.dataset.note!);
      store(FOLDED, JSON.stringify([...folded]));
    });
  }
}
