class Bad extends Error {
  constructor(message, code) { super(message); this.name = 'Bad'; this.code = code; }
}
class Worse extends Bad {
  constructor(code) { super('worse', code * 10); }
  get twice() { return this.code * 2; }
}
class Plain extends Error {}
class Named extends RangeError { constructor(m) { super(`named ${m}`); this.name = this.constructor.name; } toString() { return 'N:' + this.message; } }

async function f0(k) {
  const v = [5, 6]; let s = ""; const o = { a: {} };
  try { for (let i = 0; i < 3; i++) { k += 1; if (i === 1) break; console.log("i", i); } } catch ({ message, name }) { console.log(name, message); }
  return k + 1;
}
async function f1(k) {
  const v = [5, 6]; let s = "[1, 2]"; const o = { a: {} };
  for (const x of v) { for (const x of v) { v.x.y = 3; if (x > 2) break; } if (x > 2) break; }
  for (let i = 0; i < 3; i++) { if (k > 2) { k += 2; } else { console.log(null.x); } if (i === 1) break; console.log("i", i); }
  for (let i = 0; i < 3; i++) { for (const x of v) { console.log(v[9].x); if (x > 2) break; } if (i === 1) break; console.log("i", i); }
  return k + 1;
}
async function main() {
  let k = 1; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  if (k < 2) throw new Error(`k is ${k}`);
  k = await f0(k);
  console.log("end", k);
}
main().catch(e => console.log("top", e.message));
