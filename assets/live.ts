/** How often is asked where the stream is broken, and how long it may be away before that is said, in milliseconds. */
const ASKS = 4000;
const PATIENCE = 2500;

/**
 * Hears what is told on channels. Where the stream breaks, `ask` is called every few seconds until it is back, and once
 * more then, as something may have been told meanwhile.
 */
export class Live {
  private source: EventSource | null = null;
  private channels = "";
  private timer = 0;
  private lost = 0;
  private isLost = false;

  constructor(
    private readonly hear: (data: unknown) => void,
    private readonly ask: () => void,
    private readonly trouble: (isLost: boolean) => void,
  ) {}

  /** Listens on those channels, and on no others. */
  listen(channels: string): void {
    if (channels === this.channels) return;
    this.channels = channels;
    this.source?.close();
    const source = new EventSource(`/news/${channels}`);
    this.source = source;
    source.addEventListener("open", () => {
      clearTimeout(this.lost);
      clearInterval(this.timer);
      this.timer = 0;
      if (!this.isLost) return;
      this.isLost = false;
      this.trouble(false);
      this.ask();
    });
    source.addEventListener("message", (event) => this.hear(JSON.parse(event.data as string)));
    source.addEventListener("error", () => {
      clearTimeout(this.lost);
      this.lost = window.setTimeout(() => this.fall(), PATIENCE);
      // A browser tries again by itself, but not where it was refused.
      if (source.readyState === EventSource.CLOSED) window.setTimeout(() => this.again(source), ASKS);
    });
  }

  private fall(): void {
    if (this.source?.readyState === EventSource.OPEN) return;
    if (!this.isLost) {
      this.isLost = true;
      this.trouble(true);
      this.ask();
    }
    if (!this.timer) this.timer = window.setInterval(() => this.ask(), ASKS);
  }

  private again(source: EventSource): void {
    if (this.source !== source) return;
    const { channels } = this;
    this.channels = "";
    this.listen(channels);
  }
}
