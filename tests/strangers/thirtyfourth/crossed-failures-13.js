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
  const v = [5, 6]; let s = "{"; const o = { a: {} };
  console.log(JSON.parse(s));
  return k + 1;
}
async function f1(k) {
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  try { if (k < 0) throw new Plain(); } catch (e) { console.log(e?.message ?? "none", e instanceof Error); console.log(e instanceof Error); }
  try { k += 2; v.push(k); } catch { console.log("caught"); }
  try { for (let i = 0; i < 3; i++) { k += 2; if (i === 1) break; console.log("i", i); } if (k > 3) { console.log(JSON.parse(s)); } else { console.log("x".repeat(-1)); } try { if (k > 2) throw new Worse(3); } catch (e) { console.log(e.code, e.message); } } catch (e) { console.log("" + e); console.log(e instanceof Bad); }
  return k + 1;
}
async function main() {
  let k = 2; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  for (const x of v) { for (let i = 0; i < 3; i++) { console.log(JSON.parse(s)); if (i === 1) break; console.log("i", i); } if (x > 2) break; }
  try { console.log('step', k); } catch { console.log("caught"); }
  console.log("end", k);
}
main().then(() => console.log("done"), e => console.log("bad", e?.name)).finally(() => console.log("last"));
