/** A teacher who points at lines so fast is heard at the last of them only, in milliseconds. */
const REST = 120;

/** The desks of a class, on which the line that is lit here is lit as well. */
export class Following {
  private isOn: boolean;
  private timer = 0;

  /** @param address of the class; null where the lectern stands in front of none */
  constructor(
    private readonly program: string,
    private readonly address: string | null,
  ) {
    this.isOn = document.querySelector('[data-do="follow"]')?.getAttribute("aria-pressed") === "true";
  }

  /** Gathers the class at this program, or lets it go; answers whether it follows now: as before, where the server was not reached. */
  async toggle(): Promise<boolean> {
    if (!this.address) return false;
    const on = !this.isOn;
    const number = this.program.split("/").pop()!;
    const gathered = await this.send("gather", new URLSearchParams({ to: on ? `program ${number}` : "" }));
    if (gathered && (!on || (await this.send("follow", new URLSearchParams({ on: "1" }))))) this.isOn = on;
    return this.isOn;
  }

  point(key: string, language: string): void {
    if (!this.address || !this.isOn || !key) return;
    clearTimeout(this.timer);
    this.timer = window.setTimeout(() => void this.send("point", JSON.stringify({ key, language })), REST);
  }

  /** Whether it was done. */
  private send(what: string, body: URLSearchParams | string): Promise<boolean> {
    const token = document.querySelector<HTMLMetaElement>('meta[name="csrf"]')!.content;
    const headers: Record<string, string> = {
      "X-Csrf-Token": token,
      "X-Requested-With": "fetch",
      "HX-Request": "true",
    };
    if (typeof body === "string") headers["Content-Type"] = "application/json";
    return fetch(`${this.address}/${what}`, { method: "POST", headers, body }).then(
      (response) => response.ok,
      () => false,
    );
  }
}
