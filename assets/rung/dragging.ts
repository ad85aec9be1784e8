/** How far a hand moves until it drags, in pixels. */
const FAR = 5;

interface Drag {
  over: (what: HTMLElement, x: number, y: number) => void;
  drop: (what: HTMLElement, x: number, y: number) => void;
}

/** Things in a list are dragged with mouse, pen or finger: a shadow of what is dragged follows. Escape puts it back. */
export function dragging(list: HTMLElement, what: string, { over, drop }: Drag): void {
  list.addEventListener("pointerdown", (down) => {
    const target = down.target as Element;
    const thing = target.closest<HTMLElement>(what);
    if (!thing || down.button !== 0 || target.closest("button, select, input")) return;
    if (down.pointerType !== "mouse" && !target.closest("[data-grip]") && thing.querySelector("[data-grip]")) return;
    down.preventDefault();
    thing.focus();
    let shadow: HTMLElement | null = null;
    const moved = (event: PointerEvent): void => {
      if (!shadow && Math.hypot(event.clientX - down.clientX, event.clientY - down.clientY) < FAR) return;
      if (!shadow) {
        const box = thing.getBoundingClientRect();
        shadow = thing.cloneNode(true) as HTMLElement;
        shadow.removeAttribute("data-slip");
        shadow.className += " pointer-events-none fixed z-30 list-none outline-2 outline-live";
        shadow.style.width = `${box.width}px`;
        document.body.append(shadow);
      }
      shadow.style.left = `${event.clientX - 20}px`;
      shadow.style.top = `${event.clientY - 16}px`;
      over(thing, event.clientX, event.clientY);
    };
    const end = (event: PointerEvent | KeyboardEvent): void => {
      if (event instanceof KeyboardEvent && event.key !== "Escape") return;
      document.removeEventListener("pointermove", moved);
      document.removeEventListener("pointerup", end);
      document.removeEventListener("pointercancel", end);
      document.removeEventListener("keydown", end, true);
      const wasDragged = shadow !== null;
      shadow?.remove();
      if (wasDragged && event instanceof PointerEvent && event.type === "pointerup")
        drop(thing, event.clientX, event.clientY);
      else over(thing, -1, -1);
    };
    document.addEventListener("pointermove", moved);
    document.addEventListener("pointerup", end);
    document.addEventListener("pointercancel", end);
    document.addEventListener("keydown", end, true);
  });
}
