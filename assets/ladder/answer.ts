/** The answer that a form holds, as its kind of rung asks: a text, or a list as JSON. */
export function answerOf(form: HTMLFormElement): string {
  const number = (value: string): number | null => (value === "" ? null : Number(value));
  switch (form.dataset.answer) {
    case "pair":
      return JSON.stringify(
        [...form.querySelectorAll<HTMLSelectElement>("[data-choice]")].map((one) => number(one.value)),
      );
    case "foretell": {
      const chosen = form.querySelector<HTMLInputElement>("[data-choice]:checked");
      return JSON.stringify(chosen ? [Number(chosen.value)] : []);
    }
    case "sort":
      return JSON.stringify(
        [...form.querySelectorAll<HTMLElement>("[data-slip]:not([data-out])")].map((one) => [
          Number(one.dataset.slip),
          Number(one.dataset.indent),
        ]),
      );
    case "fill":
      return JSON.stringify([...form.querySelectorAll<HTMLInputElement>("[data-gap]")].map((one) => one.value));
    default:
      return form.querySelector<HTMLTextAreaElement>("#rung-text")!.value;
  }
}

/** Slips are laid in order by buttons, by Alt and the arrows, and by dragging. */
export function sorting(form: HTMLFormElement): void {
  const list = form.querySelector<HTMLElement>("#slips");
  if (!list) return;
  const indent = (slip: HTMLElement, by: number): void => {
    const now = Math.max(0, Math.min(12, Number(slip.dataset.indent) + by));
    slip.dataset.indent = String(now);
    slip.querySelector<HTMLElement>("code")!.style.paddingLeft = `${now * 2.2}em`;
  };
  const acts: Record<string, (slip: HTMLElement) => void> = {
    up: (slip) => slip.previousElementSibling?.before(slip),
    down: (slip) => slip.nextElementSibling?.after(slip),
    left: (slip) => indent(slip, -1),
    right: (slip) => indent(slip, 1),
    out: (slip) => slip.toggleAttribute("data-out"),
  };
  list.addEventListener("click", (event) => {
    const button = (event.target as Element).closest<HTMLElement>("[data-act]");
    if (!button) return;
    acts[button.dataset.act!]!(button.closest<HTMLElement>("[data-slip]")!);
    button.focus();
  });
  list.addEventListener("keydown", (event) => {
    const slip = (event.target as Element).closest<HTMLElement>("[data-slip]");
    const name = { ArrowUp: "up", ArrowDown: "down", ArrowLeft: "left", ArrowRight: "right" }[event.key];
    if (!slip || !name || !event.altKey) return;
    event.preventDefault();
    acts[name]!(slip);
    (event.target as HTMLElement).focus();
  });
  list.addEventListener("pointerdown", (down) => {
    const slip = (down.target as Element).closest<HTMLElement>("[data-slip]");
    if (!slip || down.button !== 0 || (down.target as Element).closest("button")) return;
    down.preventDefault();
    const moved = (event: PointerEvent): void => {
      const over = [...list.children].find((one) => {
        const box = one.getBoundingClientRect();
        return one !== slip && event.clientY > box.top && event.clientY < box.bottom;
      });
      if (!over) return;
      const box = over.getBoundingClientRect();
      if (event.clientY < box.top + box.height / 2) over.before(slip);
      else over.after(slip);
    };
    const end = (): void => {
      document.removeEventListener("pointermove", moved);
      document.removeEventListener("pointerup", end);
    };
    document.addEventListener("pointermove", moved);
    document.addEventListener("pointerup", end);
  });
}
