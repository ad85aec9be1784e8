import type { Lines } from "./lines";

/** How long a sign takes, and how long the pen rests at the end of a line, in milliseconds. */
const SIGN = 70;
const REST = 900;

/** Writes the text out sign by sign, line after line, at a pace that can be spoken over. */
export class Writing {
  isOn = false;
  private timer = 0;
  private isPaused = false;
  /** What is still to be written of the line, piece by piece. */
  private left: { node: Text; text: string }[] = [];

  constructor(private readonly lines: Lines) {}

  toggle(): void {
    if (this.isOn) return this.stop();
    this.isOn = true;
    this.isPaused = false;
    this.lines.light(this.lines.first());
    for (const line of document.querySelectorAll(".lectern-line[data-text]")) line.setAttribute("data-unwritten", "");
    this.begin();
  }

  /** Stops or goes on; whether it is writing at all. */
  pause(): boolean {
    if (!this.isOn) return false;
    this.isPaused = !this.isPaused;
    clearTimeout(this.timer);
    if (!this.isPaused) this.write();
    return true;
  }

  /** Finishes the line at once, or goes on with the next; whether it is writing at all. */
  finishLine(): boolean {
    if (!this.isOn) return false;
    clearTimeout(this.timer);
    if (this.left.length) {
      for (const { node, text } of this.left) node.data += text;
      this.left = [];
      this.timer = window.setTimeout(() => this.nextLine(), REST);
    } else this.nextLine();
    return true;
  }

  stop(): void {
    if (!this.isOn) return;
    clearTimeout(this.timer);
    for (const { node, text } of this.left) node.data += text;
    this.left = [];
    this.isOn = false;
    for (const line of document.querySelectorAll("[data-unwritten]")) line.removeAttribute("data-unwritten");
    document.querySelector('[data-do="write"]')!.setAttribute("aria-pressed", "false");
  }

  private begin(): void {
    const code = this.lines.current()?.querySelector("code");
    if (!code) return this.stop();
    const walker = document.createTreeWalker(code, NodeFilter.SHOW_TEXT);
    this.left = [];
    while (walker.nextNode()) {
      const node = walker.currentNode as Text;
      this.left.push({ node, text: node.data });
    }
    for (const { node } of this.left) node.data = "";
    this.lines.current()!.removeAttribute("data-unwritten");
    this.write();
  }

  private write(): void {
    const piece = this.left[0];
    if (!piece) {
      this.timer = window.setTimeout(() => this.nextLine(), REST);
      return;
    }
    // Blanks at the beginning of a line are not spoken.
    const blanks = piece.node.parentElement!.textContent === "" ? (/^\s+/.exec(piece.text)?.[0].length ?? 0) : 0;
    const count = Math.max(1, blanks);
    piece.node.data += piece.text.slice(0, count);
    piece.text = piece.text.slice(count);
    if (piece.text === "") this.left.shift();
    this.timer = window.setTimeout(() => this.write(), SIGN);
  }

  private nextLine(): void {
    const next = this.lines.next(1);
    if (next === this.lines.indexOf(this.lines.current()!)) return this.stop();
    this.lines.light(next);
    this.begin();
  }
}
