import type { Answer } from "./types";

const columns = [...document.querySelectorAll<HTMLOListElement>("ol[data-page]")];
const spines = [...document.querySelectorAll<HTMLOListElement>("ol[data-numbers]")];

/** Brings every page to what the server answered; lines that did not change stay the elements they are. */
export function update(answer: Answer): void {
  for (const column of columns) {
    for (const caret of column.querySelectorAll(":scope > .caret")) caret.remove();
    const changed = answer.changed[column.dataset.page!] ?? {};
    const lines = new Map<string, HTMLElement>();
    for (const line of column.querySelectorAll<HTMLElement>(":scope > li")) lines.set(line.dataset.key!, line);
    const holder = document.createElement("template");
    let at: Element | null = column.querySelector(":scope > li");
    for (const key of answer.order) {
      let line = lines.get(key);
      lines.delete(key);
      const html = changed[key];
      if (html !== undefined || !line) {
        holder.innerHTML = html ?? `<li class="line vacant" data-key="${key}"></li>`;
        const fresh = holder.content.firstElementChild as HTMLElement;
        if (line) {
          if (line === at) at = line.nextElementSibling;
          line.remove();
        }
        line = fresh;
      }
      if (line === at) {
        at = at.nextElementSibling;
      } else {
        column.insertBefore(line, at);
      }
    }
    for (const gone of lines.values()) gone.remove();
  }
  for (const spine of spines) {
    const numbers = answer.numbers[spine.dataset.numbers!] ?? [];
    while (spine.children.length > numbers.length) spine.lastElementChild!.remove();
    numbers.forEach((number, index) => {
      let line = spine.children[index] as HTMLElement | undefined;
      if (!line) {
        line = document.createElement("li");
        spine.append(line);
      }
      const text = number === null ? "" : String(number);
      if (line.className !== "line") line.className = "line";
      if (line.dataset.key !== answer.order[index]) line.dataset.key = answer.order[index]!;
      if (line.textContent !== text) line.textContent = text;
    });
  }
}

/** The place of a line of text, by its number. */
export function placeOf(language: string, number: number): string | null {
  const spine = spines.find((one) => one.dataset.numbers === language);
  const line = [...(spine?.children ?? [])].find((one) => one.textContent === String(number));
  return (line as HTMLElement | undefined)?.dataset.key ?? null;
}

/** The lines of one place on all pages and in the spines. */
export function linesOf(key: string): HTMLElement[] {
  return [...document.querySelectorAll<HTMLElement>(`#spread [data-key="${CSS.escape(key)}"]`)];
}

const pointed: ((key: string | null) => void)[] = [];

/** Tells a listener of the place that is pointed at, by the mouse or by the caret. */
export function onPointed(listener: (key: string | null) => void): void {
  pointed.push(listener);
}

/** Marks the lines of one place, and takes the mark from all others. */
export function mark(name: string, key: string | null): void {
  if (name === "lit") for (const listener of pointed) listener(key);
  for (const line of document.querySelectorAll(`#spread .${name}`)) line.classList.remove(name);
  if (key !== null) for (const line of linesOf(key)) line.classList.add(name);
}

/** Scrolls a line into the middle of the spread when it is out of sight. */
export function reveal(key: string): void {
  const line = linesOf(key)[0];
  const spread = document.getElementById("spread")!;
  if (!line) return;
  const [inner, outer] = [line.getBoundingClientRect(), spread.getBoundingClientRect()];
  if (inner.top < outer.top + 40 || inner.bottom > outer.bottom - 10) {
    spread.scrollTop += inner.top - outer.top - outer.height / 2;
  }
}

/** The words and lines that the pages have for one place, from left to right. */
export function words(key: string): string[] {
  return linesOf(key)
    .filter((line) => !line.closest(".spine"))
    .map((line) => line.textContent!.replace(/\s+/g, " ").trim())
    .filter(Boolean);
}
