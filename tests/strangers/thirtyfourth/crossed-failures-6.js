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
  const v = [5, 6]; let s = "[1, 2]"; const o = { a: {} };
  for (let i = 0; i < 3; i++) { s = '[1]';  console.log("i", i); }
  for (const x of v) { try { s = '[1]'; s = '[1]'; } catch (e) { console.log(e.toString(), e.message); k++; } if (x > 2) break; }
  return k + 1;
}
async function f1(k) {
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  if (k > 2) { s = '[1]'; } else { v.push(k); }
  for (let i = 0; i < 3; i++) { try { console.log("x".repeat(-1)); } catch (e) { console.log(e instanceof Error, e.message || "empty"); console.log(e.message, [e.name, e.message]); return -1; }  console.log("i", i); }
  try { for (let i = 0; i < 3; i++) { v.push(k);  console.log("i", i); } v.push(k); try { if (k < 3) throw new Error(); console.log(JSON.parse(s)); console.log('step', k); } catch (e) { console.log(e instanceof RangeError); } finally { k++; } } catch (e) { console.log(typeof e); console.log(e instanceof Bad); }
  return k + 1;
}
async function main() {
  let k = 0; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  v.push(k);
  k += 2;
  console.log(JSON.parse(s));
  try { for (const x of v) { for (let i = 0; i < 3; i++) { v.push(k);  console.log("i", i); } if (x > 2) break; } k += 1; for (let i = 0; i < 3; i++) { if (k > 0) { v.push(k); } else { console.log(JSON.parse(s)); } if (i === 1) break; console.log("i", i); } } catch (e) { console.log(e.name, typeof e); }
  console.log("end", k);
}
main().then(() => console.log("done"), e => console.log("bad", e?.name)).finally(() => console.log("last"));
