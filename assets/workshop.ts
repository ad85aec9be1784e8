/** How long nothing is written until it is kept, in milliseconds. */
const REST = 800;

const form = document.querySelector<HTMLFormElement>("#lesson-form")!;
const saved = document.querySelector<HTMLElement>("#lesson-saved")!;
const trouble = document.querySelector<HTMLElement>("#lesson-trouble")!;
const revision = form.querySelector<HTMLInputElement>("[name=revision]")!;
let timer = 0;
let sending = false;
let again = false;

/** Keeps what is written; what cannot be kept now stays on the page, and is tried again. */
async function keep(): Promise<void> {
  if (sending) {
    again = true;
    return;
  }
  sending = true;
  // The rungs are changed beside this form, and count as well.
  revision.value = document.querySelector<HTMLElement>("#rungs")!.dataset.revision!;
  const answer = await fetch(form.action, {
    method: "POST",
    headers: { "X-Requested-With": "fetch" },
    body: new FormData(form),
  }).catch(() => null);
  sending = false;
  if (answer?.ok) {
    const { revision: now, rungs } = (await answer.json()) as { revision: number; rungs: string };
    saved.textContent = form.dataset.saved!;
    trouble.textContent = "";
    const list = document.querySelector("#rungs")!;
    if (!list.contains(document.activeElement)) {
      list.outerHTML = rungs;
      (window as unknown as { htmx?: { process(one: Element): void } }).htmx?.process(
        document.querySelector("#rungs")!,
      );
    } else list.setAttribute("data-revision", String(now));
  } else {
    saved.textContent = "";
    trouble.textContent =
      answer?.status === 422 ? ((await answer.json()) as { message: string }).message : form.dataset.offline!;
    if (!answer || answer.status >= 500) timer = window.setTimeout(() => void keep(), 5 * REST);
  }
  if (again) {
    again = false;
    void keep();
  }
}

form.addEventListener("input", () => {
  saved.textContent = "";
  clearTimeout(timer);
  timer = window.setTimeout(() => void keep(), REST);
});
form.addEventListener("submit", (event) => {
  event.preventDefault();
  clearTimeout(timer);
  void keep();
});
window.addEventListener("beforeunload", (event) => {
  if (saved.textContent === "" && timer && trouble.textContent !== "") event.preventDefault();
});
window.addEventListener("pagehide", () => {
  if (saved.textContent !== "" || !timer) return;
  const rest = new FormData(form);
  rest.set("revision", document.querySelector<HTMLElement>("#rungs")!.dataset.revision!);
  void fetch(form.action, { method: "POST", headers: { "X-Requested-With": "fetch" }, body: rest, keepalive: true });
});
document.querySelector("#case-add")!.addEventListener("click", () => {
  const fresh = document.querySelector<HTMLElement>("#case-new")!;
  fresh.hidden = false;
  fresh.querySelector("#case-gone")?.remove();
  document.querySelector<HTMLElement>("#case-add")!.hidden = true;
  fresh.querySelector<HTMLElement>("textarea, select")!.focus();
  form.dispatchEvent(new Event("input"));
});
for (const box of form.querySelectorAll<HTMLInputElement>("[name='stock[]']"))
  box.addEventListener("change", () => {
    form.querySelector<HTMLInputElement>("[name=stocked][value=chosen]")!.checked = true;
  });
