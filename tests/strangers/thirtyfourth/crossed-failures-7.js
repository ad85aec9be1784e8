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
  const v = [5, 6]; let s = "{"; const o = { a: {} };
  console.log(JSON.parse(s));
  v.push(k);
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = ""; const o = { a: {} };
  try { console.log(JSON.parse(s)); } catch (e) { console.log(e.message || "empty"); }
  try { console.log('step', k); } catch (e) { console.log(e instanceof Bad, e.name); console.log(typeof e, e.code); }
  for (let i = 0; i < 3; i++) { console.log(JSON.parse(s)); if (i === k) continue; console.log("i", i); }
  return k + 1;
}
function main() {
  let k = 0; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  try { if (k > 1) { k += 1; } else { try { console.log(JSON.parse(s)); console.log(undefined.length); if (k > 1) throw new Worse(3); } catch (e) { console.log(e.constructor.name); console.log(e.message.length, typeof e); k++; } } } catch (e) { console.log(e instanceof Plain ? "plain" : "other"); }
  for (const x of v) { if (k < 3) throw Error('dry'); if (x > 2) break; }
  try { if (k > 0) throw new SyntaxError('dry'); v.push(k); if (k > 0) { if (k > 0) { v.push(k); } else { k = f1(k); } } else { if (k > 1) { console.log('step', k); } else { k = f0(k); } } } catch (e) { console.log(e.toString(), String(e)); throw e; }
  for (const x of v) { console.log('step', k); if (x > 2) break; }
  console.log("end", k);
}
try { main(); } catch (e) { console.log("top", e.message); }
