// The rank of each wanted piece among what clangd offers at its place: JSON in, JSON out.
import { spawn } from "node:child_process";
import { readFileSync } from "node:fs";

const library = process.argv[2];
const places = JSON.parse(readFileSync(0, "utf8"));
const server = spawn("clangd", ["--log=error", "--background-index=0", "--limit-results=200", "--header-insertion=never"], {
  stdio: ["pipe", "pipe", "ignore"],
});
let buffer = Buffer.alloc(0);
const waiting = new Map();
server.stdout.on("data", (data) => {
  buffer = Buffer.concat([buffer, data]);
  for (;;) {
    const head = /Content-Length: (\d+)\r\n\r\n/.exec(buffer.toString("latin1"));
    if (!head) return;
    const start = head.index + head[0].length;
    const length = Number(head[1]);
    if (buffer.length < start + length) return;
    const message = JSON.parse(buffer.subarray(start, start + length).toString());
    buffer = buffer.subarray(start + length);
    waiting.get(message.id)?.(message.result);
    waiting.delete(message.id);
  }
});
let number = 0;
const send = (message) => {
  const text = JSON.stringify({ jsonrpc: "2.0", ...message });
  server.stdin.write(`Content-Length: ${Buffer.byteLength(text)}\r\n\r\n${text}`);
};
const ask = (method, params) =>
  new Promise((done) => {
    waiting.set(++number, done);
    send({ id: number, method, params });
  });
const flags = ["-xc++", "-std=c++17", `-I${library}`];
await ask("initialize", { processId: null, rootUri: null, capabilities: {}, initializationOptions: { fallbackFlags: flags } });
send({ method: "initialized", params: {} });
const uri = `file://${library}/place.cpp`;
send({ method: "textDocument/didOpen", params: { textDocument: { uri, languageId: "cpp", version: 0, text: "" } } });
const ranks = [];
for (const [version, { before, piece }] of places.entries()) {
  send({ method: "textDocument/didChange", params: { textDocument: { uri, version: version + 1 }, contentChanges: [{ text: before }] } });
  const lines = before.split("\n");
  const position = { line: lines.length - 1, character: lines[lines.length - 1].length };
  const result = await ask("textDocument/completion", { textDocument: { uri }, position });
  const begun = /[\p{L}_][\p{L}\p{N}_]*$/u.exec(before)?.[0] ?? "";
  const order = (one, other) => (one.sortText < other.sortText ? -1 : one.sortText > other.sortText ? 1 : 0);
  const names = (result?.items ?? []).sort(order).map((one) => one.filterText ?? one.label.trim());
  ranks.push([...new Set(names)].filter((one) => one.startsWith(begun)).slice(0, 10).indexOf(piece));
}
server.kill();
process.stdout.write(JSON.stringify(ranks));
