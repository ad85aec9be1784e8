import { perform } from "./editing";
import { byId } from "./page";
import { data } from "./store";

export function names(): void {
  const form = byId<HTMLFormElement>("rename-form");
  const input = form.querySelector<HTMLInputElement>('[name="name"]')!;
  const button = byId("rename");
  const end = (): void => {
    form.classList.add("sr-only");
    button.hidden = false;
  };
  button.addEventListener("click", () => {
    button.hidden = true;
    form.classList.remove("sr-only");
    input.select();
    input.focus();
  });
  input.tabIndex = -1;
  input.addEventListener("blur", () => {
    if (input.value.trim() && input.value !== button.textContent) form.submit();
    else end();
  });
  input.addEventListener("keydown", (event) => {
    if (event.key === "Escape") {
      input.value = button.textContent!;
      end();
      button.focus();
    }
  });
}

export function historyDialog(): void {
  const dialog = byId<HTMLDialogElement>("history-dialog");
  // The list itself, older states and their names are the server's fragments.
  byId("history").addEventListener("htmx:after:swap", () => {
    if (!dialog.open) dialog.showModal();
  });
  dialog.addEventListener("click", (event) => {
    const target = (event.target as Element).closest<HTMLElement>("[data-return]");
    if (target?.dataset.return) {
      dialog.close();
      perform({ do: "return", to: Number(target.dataset.return) }, "stay");
    }
  });
}

export async function takePng(): Promise<void> {
  const response = await fetch(`${data.address}/drawing.svg`);
  const address = URL.createObjectURL(await response.blob());
  const picture = new Image();
  picture.src = address;
  await picture.decode();
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [960, 720];
  canvas.getContext("2d")!.drawImage(picture, 0, 0, 960, 720);
  URL.revokeObjectURL(address);
  canvas.toBlob((blob) => {
    const link = document.createElement("a");
    link.href = URL.createObjectURL(blob!);
    link.download = `${byId("rename").textContent}.png`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  });
}
