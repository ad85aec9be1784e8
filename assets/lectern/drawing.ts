import { byId } from "../desk/page";

export interface Pen {
  isOn: boolean;
  toggle: () => boolean;
  wipe: () => void;
}

/** A pen with which the teacher writes over what is shown. */
export function drawing(): Pen {
  const ink = byId<SVGSVGElement>("lectern-ink");
  let stroke: SVGPathElement | null = null;
  const pen: Pen = {
    isOn: false,
    toggle: () => {
      pen.isOn = !pen.isOn;
      document.body.toggleAttribute("data-drawing", pen.isOn);
      return pen.isOn;
    },
    wipe: () => ink.replaceChildren(),
  };
  document.addEventListener("pointerdown", (event) => {
    if (!pen.isOn || (event.target as Element).closest("button")) return;
    event.preventDefault();
    stroke = document.createElementNS("http://www.w3.org/2000/svg", "path");
    stroke.setAttribute("d", `M${event.clientX} ${event.clientY}`);
    ink.append(stroke);
  });
  document.addEventListener("pointermove", (event) => {
    stroke?.setAttribute("d", `${stroke.getAttribute("d")}L${event.clientX} ${event.clientY}`);
  });
  for (const end of ["pointerup", "pointercancel"]) document.addEventListener(end, () => (stroke = null));
  return pen;
}
