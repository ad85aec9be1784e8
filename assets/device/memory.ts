/** What a device keeps while its power is off: the last good program, and how it is found. */
export class Memory {
  constructor(private readonly kind: string) {}

  private get(name: string): string | null {
    return localStorage.getItem(`scrivlet-device-${this.kind}-${name}`);
  }

  private set(name: string, value: string): void {
    localStorage.setItem(`scrivlet-device-${this.kind}-${name}`, value);
  }

  get file(): string | null {
    return this.get("file");
  }

  set file(file: string | null) {
    if (file !== null) this.set("file", file);
  }

  get channel(): string {
    return this.get("channel") ?? "";
  }

  set channel(channel: string) {
    this.set("channel", channel);
  }

  /** The number with which the last program was sent. */
  get sent(): string {
    return this.get("sent") ?? "";
  }

  set sent(number: string) {
    this.set("sent", number);
  }
}
