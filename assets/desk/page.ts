import { data } from "./store";

/** The language in which rows are written by hand and shown in code. */
export const language = data.text === "all" ? "python" : data.text;

export function byId<T extends Element = HTMLElement>(id: string): T {
  return document.getElementById(id) as unknown as T;
}

/** A sentence of the interface with its gaps filled. */
export function say(key: string, values: Record<string, string | number> = {}): string {
  return (data.texts[key] ?? key).replace(/\{(\w+)\}/g, (gap, name: string) => String(values[name] ?? gap));
}

/** A piece that the page has as a template. */
export function piece<T extends HTMLElement>(id: string): T {
  return byId<HTMLTemplateElement>(id).content.firstElementChild!.cloneNode(true) as T;
}

export function icon(name: string): SVGSVGElement {
  const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  svg.setAttribute("class", "icon");
  svg.setAttribute("aria-hidden", "true");
  const use = document.createElementNS("http://www.w3.org/2000/svg", "use");
  use.setAttribute("href", `#i-${name}`);
  svg.append(use);
  return svg;
}
