import { dragging } from "./dragging";

/** Cards with words are dragged onto lines; the choice of each line holds what lies there. */
export function pairing(form: HTMLFormElement, changed: () => void): void {
  const cards = form.querySelector<HTMLElement>("#cards");
  if (!cards) return;
  const choices = [...form.querySelectorAll<HTMLSelectElement>("[data-choice]")];
  const show = (): void => {
    for (const card of cards.querySelectorAll<HTMLElement>("[data-card]"))
      card.toggleAttribute(
        "data-used",
        choices.some((one) => one.value === card.dataset.card),
      );
  };
  for (const one of choices)
    one.addEventListener("change", () => {
      // A card lies in one place.
      for (const other of choices) if (other !== one && other.value === one.value) other.value = "";
      show();
    });
  const lineAt = (x: number, y: number): HTMLElement | null =>
    document.elementFromPoint(x, y)?.closest<HTMLElement>("[data-pair]") ?? null;
  const light = (line: HTMLElement | null): void => {
    for (const one of form.querySelectorAll("[data-pair]")) one.toggleAttribute("data-over", one === line);
  };
  dragging(cards, "[data-card]", {
    over: (_, x, y) => light(lineAt(x, y)),
    drop: (card, x, y) => {
      light(null);
      const choice = lineAt(x, y)?.querySelector<HTMLSelectElement>("[data-choice]");
      if (!choice) return;
      choice.value = card.dataset.card!;
      choice.dispatchEvent(new Event("change", { bubbles: true }));
      changed();
    },
  });
  show();
}
