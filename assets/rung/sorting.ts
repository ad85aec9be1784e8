import { dragging } from "./dragging";

const DEEPEST = 12;
/** One step of indentation on the page, in em of its type. */
const STEP = 2.4;

/** Slips are laid on the page by dragging, by keys, and by their buttons; those that do not belong stay beside it. */
export class Sorting {
  private readonly pool: HTMLElement;
  private readonly laid: HTMLElement;
  private readonly indents: boolean;

  constructor(
    form: HTMLFormElement,
    private readonly changed: () => void,
  ) {
    this.pool = form.querySelector<HTMLElement>("#slips")!;
    this.laid = form.querySelector<HTMLElement>("#laid")!;
    this.indents = this.pool.dataset.indents === "yes";
    for (const list of [this.pool, this.laid]) {
      list.addEventListener("click", (event) => {
        const button = (event.target as Element).closest<HTMLElement>("[data-act]");
        if (!button) return;
        this.act(button.dataset.act!, button.closest<HTMLElement>("[data-slip]")!);
        if (button.isConnected && !button.hidden) button.focus();
      });
      list.addEventListener("keydown", (event) => this.key(event));
      dragging(list, "[data-slip]", {
        over: (slip, x, y) => this.over(slip, x, y),
        drop: (slip, x, y) => this.drop(slip, x, y),
      });
    }
    this.show();
  }

  lay(number: number, indent: number): void {
    const slip = this.pool.querySelector<HTMLElement>(`[data-slip="${number}"]`);
    if (!slip) return;
    this.laid.append(slip);
    this.indent(slip, indent);
    this.show();
  }

  get count(): number {
    return this.laid.childElementCount;
  }

  private indent(slip: HTMLElement, depth: number): void {
    const now = this.indents ? Math.max(0, Math.min(DEEPEST, depth)) : 0;
    slip.dataset.indent = String(now);
    slip.style.marginLeft = slip.parentElement === this.laid ? `${now * STEP}em` : "";
  }

  private act(name: string, slip: HTMLElement): void {
    const isLaid = slip.parentElement === this.laid;
    const depth = Number(slip.dataset.indent);
    if (name === "lay" && !isLaid) {
      // Behind the one before it, as deep as that.
      const before = this.laid.lastElementChild as HTMLElement | null;
      this.laid.append(slip);
      this.indent(slip, Number(before?.dataset.indent ?? 0));
    } else if (name === "back" && isLaid) {
      this.pool.append(slip);
      this.indent(slip, 0);
    } else if (isLaid && name === "up") slip.previousElementSibling?.before(slip);
    else if (isLaid && name === "down") slip.nextElementSibling?.after(slip);
    else if (isLaid && name === "in") this.indent(slip, depth + 1);
    else if (isLaid && name === "out") this.indent(slip, depth - 1);
    else return;
    this.show();
    slip.focus();
    this.changed();
  }

  /** Arrows choose, Enter lays down or takes back, arrows to the sides set in and out, with Alt up and down they move. */
  private key(event: KeyboardEvent): void {
    const slip = (event.target as Element).closest<HTMLElement>("[data-slip]");
    if (!slip || (event.target as Element).closest("button") || event.ctrlKey || event.metaKey) return;
    const isLaid = slip.parentElement === this.laid;
    const way = { ArrowUp: "up", ArrowDown: "down" }[event.key];
    let name: string | null = null;
    if (way && event.altKey) name = way;
    else if (way) {
      const next = way === "up" ? slip.previousElementSibling : slip.nextElementSibling;
      event.preventDefault();
      (next as HTMLElement | null)?.focus();
      return;
    } else if (event.key === "Enter" || event.key === " ") name = isLaid ? "back" : "lay";
    else if (event.key === "Backspace" || event.key === "Delete") name = "back";
    else if (event.key === "ArrowRight") name = isLaid ? "in" : "lay";
    else if (event.key === "ArrowLeft") name = isLaid && slip.dataset.indent === "0" ? "back" : "out";
    if (!name) return;
    event.preventDefault();
    const beside = (slip.nextElementSibling ?? slip.previousElementSibling) as HTMLElement | null;
    this.act(name, slip);
    // The next slip is at hand when one has gone to the other side.
    if (name === "lay" || name === "back") beside?.focus();
  }

  private over(slip: HTMLElement, x: number, y: number): void {
    if (x < 0) return;
    const list = this.listAt(x, y);
    if (!list) return;
    const others = ([...list.children] as HTMLElement[]).filter((one) => one !== slip);
    const before = others.find((one) => {
      const box = one.getBoundingClientRect();
      return y < box.top + box.height / 2;
    });
    if (before) before.before(slip);
    else list.append(slip);
    const type = parseFloat(getComputedStyle(slip).fontSize);
    const edge = list.getBoundingClientRect().left + 14;
    this.indent(slip, list === this.laid ? Math.round((x - 20 - edge) / (STEP * type)) : 0);
    this.show();
  }

  private drop(slip: HTMLElement, x: number, y: number): void {
    this.over(slip, x, y);
    slip.focus();
    this.changed();
  }

  private listAt(x: number, y: number): HTMLElement | null {
    return (
      [this.pool, this.laid].find((list) => {
        const box = list.parentElement!.getBoundingClientRect();
        return x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
      }) ?? null
    );
  }

  /** Each slip has the buttons for where it lies. */
  private show(): void {
    for (const list of [this.pool, this.laid])
      for (const button of list.querySelectorAll<HTMLElement>("[data-act]"))
        button.hidden = (list === this.laid) === (button.dataset.act === "lay");
  }
}
