import { PAPER } from "./looks";
import { icon } from "./page";
import { fit } from "./texts";

const OPTION =
  "flex min-h-7 cursor-pointer items-center gap-[9px] px-2.5 py-1 text-md whitespace-nowrap aria-selected:bg-ink " +
  "aria-selected:text-paper aria-selected:[&_*]:text-inherit";

export interface Option {
  /** Whether rows can be put into it. */
  wraps?: boolean;
  value: string;
  label: string;
  /** Words that find it besides its label. */
  also?: string;
  icon?: string;
  kind?: string;
  hex?: string;
}

/** A list to choose from below an input, by mouse or by keys while the focus stays in the input. */
export class Listbox {
  readonly element = document.createElement("div");
  private shown: Option[] = [];
  private at = 0;

  constructor(
    private readonly input: HTMLInputElement | HTMLTextAreaElement,
    private readonly options: Option[],
    private readonly chosen: (option: Option) => void,
    private readonly none: string | null,
  ) {
    this.element.className = `options max-h-[290px] min-w-[150px] overflow-y-auto ${PAPER}`;
    this.element.id = `${input.id}-options`;
    this.element.setAttribute("role", "listbox");
    this.element.setAttribute("aria-label", input.getAttribute("aria-label") ?? "");
    input.setAttribute("aria-controls", this.element.id);
    // A field of several lines stays one.
    if (input instanceof HTMLInputElement) {
      input.setAttribute("role", "combobox");
      input.setAttribute("aria-expanded", "true");
    }
    input.setAttribute("aria-autocomplete", "list");
    this.element.addEventListener("pointerdown", (event) => {
      event.preventDefault();
      const option = (event.target as Element).closest<HTMLElement>("[role=option]");
      if (option) this.chosen(this.shown[Number(option.dataset.index)]!);
    });
  }

  /** Shows other options, as they come, without marking one. */
  show(options: Option[]): void {
    this.shown = options;
    this.at = -1;
    this.draw();
  }

  /** @param at which option is taken first; -1 for none */
  filter(words: string, at: number): void {
    const fits = (option: Option): number => fit(option.label, words, option.also) ?? -1;
    this.shown = this.options.filter((option) => fits(option) >= 0).sort((one, other) => fits(one) - fits(other));
    this.at = this.shown.length ? at : -1;
    this.draw();
  }

  private move(by: number): void {
    if (this.shown.length) {
      this.at = (this.at + by + this.shown.length + (this.at < 0 && by < 0 ? 1 : 0)) % this.shown.length;
      this.draw();
    }
  }

  /** Takes the arrow keys. */
  walk(event: KeyboardEvent): boolean {
    if (event.key !== "ArrowDown" && event.key !== "ArrowUp") return false;
    event.preventDefault();
    this.move(event.key === "ArrowDown" ? 1 : -1);
    return true;
  }

  first(): Option | null {
    return this.shown[0] ?? null;
  }

  current(): Option | null {
    return this.shown[this.at] ?? null;
  }

  private draw(): void {
    this.element.replaceChildren(
      ...this.shown.map((option, index) => {
        const row = document.createElement("div");
        row.id = `${this.element.id}-${index}`;
        row.className = OPTION;
        row.dataset.index = String(index);
        row.setAttribute("role", "option");
        row.setAttribute("aria-selected", String(index === this.at));
        if (option.icon) {
          const margin = icon(option.icon);
          margin.classList.add(`ink-${option.kind}`);
          row.append(margin);
        }
        if (option.hex) row.append(swatch(option.hex));
        row.append(option.label);
        return row;
      }),
    );
    this.element.hidden = !this.shown.length && this.none === null;
    if (!this.shown.length && this.none !== null) {
      const none = document.createElement("div");
      none.className = "px-2.5 py-1.5 text-soft italic";
      none.setAttribute("role", "option");
      none.setAttribute("aria-disabled", "true");
      none.textContent = this.none;
      this.element.append(none);
    }
    const current = this.at >= 0 ? this.element.children[this.at] : undefined;
    if (current) {
      this.input.setAttribute("aria-activedescendant", current.id);
      current.scrollIntoView({ block: "nearest" });
    } else {
      this.input.removeAttribute("aria-activedescendant");
    }
  }
}

function swatch(hex: string): SVGSVGElement {
  const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  svg.setAttribute("class", "swatch");
  svg.setAttribute("viewBox", "0 0 10 10");
  const circle = document.createElementNS("http://www.w3.org/2000/svg", "circle");
  for (const [name, value] of Object.entries({ cx: "5", cy: "5", r: "4.5", fill: hex }))
    circle.setAttribute(name, value);
  svg.append(circle);
  return svg;
}

/** Puts a floating box below a line of the page, within the window. */
export function placeBelow(box: HTMLElement, left: number, top: number, above: number): void {
  box.style.left = `${Math.max(4, Math.min(left, innerWidth - box.offsetWidth - 8))}px`;
  const fits = top + box.offsetHeight < innerHeight - 6;
  box.style.top = `${fits ? top : Math.max(4, Math.min(above - box.offsetHeight, innerHeight - box.offsetHeight - 6))}px`;
}
