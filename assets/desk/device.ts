import { idle, post } from "./server";
import { byId, say } from "./page";
import { data } from "./store";
import { placeOf, mark } from "./columns";

const CODE = "scrivlet-device-code";

/** What a device tells of the program that was sent to it. */
interface Told {
  code: string;
  sent: string;
  printed: string;
  line: number | null;
  message: string;
}

/** Sends the program to the device whose code was typed, and shows what the device reports. */
export function sending(): void {
  const dialog = byId<HTMLDialogElement>("send-dialog");
  const code = byId<HTMLInputElement>("send-code");
  const trouble = byId("send-trouble");
  const report = byId("device-report");
  let source: EventSource | null = null;
  let sent = "";
  document.getElementById("send-device")?.addEventListener("click", () => {
    code.value = localStorage.getItem(CODE) ?? "";
    trouble.textContent = "";
    dialog.showModal();
    code.select();
  });
  byId("send-form").addEventListener("submit", async (event) => {
    event.preventDefault();
    await idle();
    const response = await post("/send", { code: code.value, text: data.text }).catch(() => null);
    const answer = response
      ? ((await response.json().catch(() => ({}))) as {
          message?: string;
          code?: string;
          sent?: string;
          channel?: string;
        })
      : null;
    if (!response?.ok || !answer?.code) {
      trouble.textContent = answer?.message ?? say(response ? "error" : "offline");
      return;
    }
    localStorage.setItem(CODE, answer.code);
    sent = answer.sent!;
    dialog.close();
    report.textContent = say("device_sent", { code: answer.code });
    source ??= listen(answer.channel!, (told) => told.sent === sent && show(told, report));
  });
}

function listen(channel: string, tell: (told: Told) => void): EventSource {
  const source = new EventSource(`/events/${channel}`);
  source.addEventListener("message", (event) => tell(JSON.parse(event.data as string) as Told));
  return source;
}

function show({ code, printed, line, message }: Told, report: HTMLElement): void {
  const said = line === null ? say("device_report_end") : say("device_report_line", { line, message });
  report.textContent = say("device_report", { code, message: said }) + (printed === "" ? "" : `\n${printed}`);
  if (line !== null && data.text !== "all") mark("failed", placeOf(data.text, line));
}
