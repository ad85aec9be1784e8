class Bad extends Error {
  constructor(message, code) { super(message); this.name = 'Bad'; this.code = code; }
}
class Worse extends Bad {
  constructor(code) { super('worse', code * 10); }
  get twice() { return this.code * 2; }
}
class Plain extends Error {}
class Named extends RangeError { constructor(m) { super(`named ${m}`); this.name = this.constructor.name; } toString() { return 'N:' + this.message; } }

function f0(k) {
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  v.push(k);
  s = '[1]';
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = ""; const o = { a: {} };
  try { throw Error('dry'); } catch (e) { console.log([e.name, e.message]); console.log(e instanceof Plain ? "plain" : "other"); k++; }
  return k + 1;
}
function main() {
  let k = 1; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  try { try { v.push(k); } catch (e) { console.log(e.toString()); } } catch (e) { console.log(`${e}`); }
  try { if (k > 0) { try { console.log(o.a.b.c); } catch (e) { console.log(e.message || "empty", String(e)); throw new Error("again: " + e.message); } } else { try { k += 2; } catch (e) { console.log(e instanceof Error); console.log(e.code); throw e; } finally { console.log("finally"); } } for (let i = 0; i < 3; i++) { k += 2; if (i === k) continue; console.log("i", i); } } catch (e) { console.log(e.constructor.name); } finally { k++; }
  try { try { try { k += 2; k = f0(k); } catch (e) { console.log(e.message, e instanceof Plain ? "plain" : "other"); } for (let i = 0; i < 3; i++) { if (k > 3) throw new SyntaxError('dry'); if (i === k) continue; console.log("i", i); } for (const x of v) { console.log(JSON.parse(s)); if (x > 2) break; } } catch (e) { console.log(e instanceof RangeError); } } catch (e) { console.log(e?.message ?? "none", e.message); console.log(e instanceof Bad); if (!(e instanceof TypeError)) throw e; }
  console.log("end", k);
}
main();
