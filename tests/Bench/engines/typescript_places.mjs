// The rank of each wanted piece among what the language service of `typescript` offers at its place: JSON in, JSON out.
import { readFileSync } from "node:fs";
// The JavaScript one, which has a language service to be called; bin/bench puts it there.
import ts from "../../../var/bench/node_modules/typescript/lib/typescript.js";

const library = process.argv[2];
const places = JSON.parse(readFileSync(0, "utf8"));
const file = `${library}/place.mjs`;
let text = "";
let version = 0;
const host = {
  getScriptFileNames: () => [file],
  getScriptVersion: (name) => (name === file ? String(version) : "1"),
  getScriptSnapshot: (name) => {
    if (name === file) return ts.ScriptSnapshot.fromString(text);
    return ts.sys.fileExists(name) ? ts.ScriptSnapshot.fromString(ts.sys.readFile(name)) : undefined;
  },
  getCurrentDirectory: () => library,
  getCompilationSettings: () => ({ allowJs: true, target: ts.ScriptTarget.ES2022, module: ts.ModuleKind.ES2022, lib: ["lib.es2022.d.ts", "lib.dom.d.ts"] }),
  getDefaultLibFileName: (options) => ts.getDefaultLibFilePath(options),
  fileExists: (name) => name === file || ts.sys.fileExists(name),
  readFile: (name) => (name === file ? text : ts.sys.readFile(name)),
  readDirectory: ts.sys.readDirectory,
  directoryExists: ts.sys.directoryExists,
  getDirectories: ts.sys.getDirectories,
};
const service = ts.createLanguageService(host);
const ranks = places.map(({ before, piece }) => {
  text = before;
  version++;
  const begun = /[\p{L}_$][\p{L}\p{N}_$]*$/u.exec(before)?.[0] ?? "";
  const found = service.getCompletionsAtPosition(file, before.length, {})?.entries ?? [];
  const order = (one, other) => (one.sortText < other.sortText ? -1 : one.sortText > other.sortText ? 1 : 0);
  const names = found.filter((one) => one.name.startsWith(begun)).sort(order);
  return names.slice(0, 10).findIndex((one) => one.name === piece);
});
process.stdout.write(JSON.stringify(ranks));
