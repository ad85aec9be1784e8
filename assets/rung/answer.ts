import type { Editor } from "./editor";

/** The answer that the page holds, as its kind of rung asks: a text, or a list as JSON. */
export function answerOf(form: HTMLFormElement, editor: Editor | null): string {
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
        [...form.querySelectorAll<HTMLElement>("#laid > [data-slip]")].map((one) => [
          Number(one.dataset.slip),
          Number(one.dataset.indent),
        ]),
      );
    case "fill":
      return JSON.stringify([...form.querySelectorAll<HTMLInputElement>("[data-gap]")].map((one) => one.value));
    default:
      return editor?.text ?? form.querySelector<HTMLTextAreaElement>("#rung-text")!.value;
  }
}

/** Puts an answer that was kept back on the page; one of another form is left. */
export function putBack(form: HTMLFormElement, answer: string, lay: (slip: number, indent: number) => void): void {
  const list = (): unknown[] => {
    try {
      const read: unknown = JSON.parse(answer);
      return Array.isArray(read) ? read : [];
    } catch {
      return [];
    }
  };
  switch (form.dataset.answer) {
    case "pair":
      form.querySelectorAll<HTMLSelectElement>("[data-choice]").forEach((one, index) => {
        const value = list()[index];
        if (typeof value === "number") one.value = String(value);
      });
      break;
    case "foretell":
      for (const one of form.querySelectorAll<HTMLInputElement>("[data-choice]"))
        one.checked = Number(one.value) === list()[0];
      break;
    case "sort":
      for (const one of list())
        if (Array.isArray(one) && typeof one[0] === "number" && typeof one[1] === "number") lay(one[0], one[1]);
      break;
    case "fill":
      form.querySelectorAll<HTMLInputElement>("[data-gap]").forEach((one, index) => {
        const value = list()[index];
        if (typeof value === "string") one.value = value;
      });
      break;
    default:
      form.querySelector<HTMLTextAreaElement>("#rung-text")!.value = answer;
  }
}
