import { byId, say } from "../desk/page";

/** The program's lines on the lectern, one of which is lit. */
export class Lines {
  private readonly list = byId<HTMLOListElement>("lectern-lines");
  private readonly plain = byId("lectern-plain");
  private at = 0;
  private isBuilding = false;

  constructor() {
    this.indent();
  }

  private all(): HTMLElement[] {
    return [...this.list.children] as HTMLElement[];
  }

  current(): HTMLElement | undefined {
    return this.all()[this.at];
  }

  row(): string | null {
    return this.current()?.dataset.row ?? null;
  }

  indexOf(line: HTMLElement): number {
    return this.all().indexOf(line);
  }

  /** Lines that say something are stepped through; those that keep the pages level are passed over. */
  next(by: 1 | -1): number {
    const lines = this.all();
    for (let at = this.at + by; lines[at]; at += by) if (lines[at]!.hasAttribute("data-text")) return at;
    return this.at;
  }

  first(): number {
    return Math.max(
      0,
      this.all().findIndex((line) => line.hasAttribute("data-text")),
    );
  }

  last(): number {
    return this.all().findLastIndex((line) => line.hasAttribute("data-text"));
  }

  light(at: number): void {
    this.current()?.removeAttribute("aria-current");
    this.at = at;
    const line = this.current();
    if (!line) return;
    line.setAttribute("aria-current", "step");
    this.later();
    line.scrollIntoView({
      block: "center",
      behavior: matchMedia("(prefers-reduced-motion)").matches ? "auto" : "smooth",
    });
    this.plain.textContent = line.dataset.plain || say("lectern_end");
  }

  lightRow(row: string): void {
    const at = this.all().findIndex((line) => line.dataset.row === row && line.hasAttribute("data-text"));
    if (at >= 0) this.light(at);
  }

  /** Covers the text below the lit line, or uncovers all if it is covered already. */
  cover(): void {
    const below = this.all()
      .slice(this.at + 1)
      .filter((line) => line.hasAttribute("data-text"));
    const isCovered = below.some((line) => line.hasAttribute("data-covered"));
    for (const line of this.all()) if (isCovered) this.uncovered(line);
    for (const line of isCovered ? [] : below) {
      line.setAttribute("data-covered", "");
      line.querySelector("code")!.setAttribute("aria-label", say("lectern_covered"));
      line.querySelector("code")!.setAttribute("role", "img");
    }
  }

  /** Uncovers the lit line, else the next covered one. */
  uncover(): void {
    const lines = this.all();
    const line = [...lines.slice(this.at), ...lines].find((one) => one.hasAttribute("data-covered"));
    if (line) this.uncovered(line);
  }

  private uncovered(line: HTMLElement): void {
    line.removeAttribute("data-covered");
    line.querySelector("code")!.removeAttribute("aria-label");
    line.querySelector("code")!.removeAttribute("role");
  }

  /** The program grows row by row: what comes behind the lit line is not there yet. */
  build(): boolean {
    this.isBuilding = !this.isBuilding;
    this.later();
    return this.isBuilding;
  }

  private later(): void {
    this.all().forEach((line, at) => line.toggleAttribute("data-later", this.isBuilding && at > this.at));
  }

  /** The same program in another language, with the same row lit. */
  replace(html: string, language: string): void {
    const [row, covered] = [this.row(), new Set<string>()];
    for (const line of this.all()) if (line.hasAttribute("data-covered")) covered.add(line.dataset.key!);
    this.list.innerHTML = html;
    this.list.dataset.language = language;
    this.indent();
    for (const line of this.all()) if (covered.has(line.dataset.key!)) line.setAttribute("data-covered", "");
    this.at = 0;
    const same = this.all().findIndex((line) => line.dataset.row === row && line.hasAttribute("data-text"));
    this.light(same < 0 ? this.first() : same);
  }

  private indent(): void {
    for (const words of this.list.querySelectorAll<HTMLElement>(".lectern-words"))
      words.style.setProperty("--depth", words.dataset.depth!);
  }
}
