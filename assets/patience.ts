/** How often it is asked again while another run of the same person is under way, and how long between, in milliseconds. */
const TRIES = 20;
const PAUSE = 250;

/** The answer; null if there is no way to the server. */
export async function ask(path: string, body: unknown): Promise<Response | null> {
  const token = document.querySelector<HTMLMetaElement>('meta[name="csrf"]')!.content;
  const headers = { "Content-Type": "application/json", "X-Csrf-Token": token, "X-Requested-With": "fetch" };
  const once = (): Promise<Response | null> =>
    fetch(path, { method: "POST", headers, body: JSON.stringify(body) }).catch(() => null);
  let answer = await once();
  for (let tries = 0; answer?.status === 429 && tries < TRIES; tries++) {
    await new Promise((later) => setTimeout(later, PAUSE));
    answer = await once();
  }
  return answer;
}
