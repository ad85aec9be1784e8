import type { Answer, DeskData } from "./types";

/** The program on the desk as the server last said it is, and everybody who wants to know when it is another. */
export const data = JSON.parse(document.querySelector("#desk-data")!.textContent!) as DeskData;

type Listener = (answer: Answer) => void;
const listeners: Listener[] = [];

/** Tells a listener of each answer, after those that asked before it. */
export function onAnswer(listener: Listener): void {
  listeners.push(listener);
}

/** The program is what an answer says from here on. */
export function take(answer: Answer): void {
  Object.assign(data, answer);
  for (const listener of listeners) listener(answer);
}
