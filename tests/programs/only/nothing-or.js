const o = { a: 1, note: undefined, gone: null };
console.log(o.note ?? 'none', o.gone ?? 'none', o.zip ?? 'none', o['note'] ?? 'none');
const k = 'note';
console.log(o[k] ?? 'none', o.note === undefined, o.note == null, o.note || 'or');
let x; let y = undefined; const z = [undefined, null];
console.log(x ?? 'none', y ?? 'none', z[0] ?? 'none', z[1] ?? 'none');
const c = { ...o, note: undefined };
console.log(c.note ?? 'none', c.note?.length, typeof c.note);
function f(a) { return a ?? 'none'; }
console.log(f(undefined), f(null), f(), f(0), f(''));
const { note = 'given', gone = 'given' } = o;
console.log(note, gone);
let q; q ??= 5; o.note ??= 7; o.gone ??= 8; console.log(q, o);
console.log(o.deep?.far ?? 'no', o?.["a"]);
const m = new Map([["a", undefined]]); console.log(m.get("a") ?? "none", m.get("b") ?? "none");
