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
  try { try { k += 2; if (k < 0) throw new RangeError(`k is ${k}`); } catch (e) { console.log(e.message || "empty"); console.log("" + e, e instanceof Bad ? e.code : "-"); } finally { console.log("finally"); } try { if (k === 1) throw new Worse(3); k += 2; } catch (e) { console.log(e.message, String(e)); console.log(e.message.length, `${e}`); throw e; } } catch (e) { console.log(e instanceof Bad ? e.code : "-"); }
  try { console.log(JSON.parse(s)); } catch (e) { console.log(e.name); } finally { console.log("finally"); }
  if (k > 3) { try { k += 2; if (k > 0) throw new Plain(`k is ${k}`); console.log(o.a.b.c); } catch { console.log("caught"); } } else { try { console.log(null.x); } catch (e) { console.log(e instanceof Bad, e instanceof Bad); } }
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = ""; const o = { a: {} };
  try { try { console.log("x".repeat(-1)); } catch (e) { console.log(e.message, e.toString()); } try { if (k < 2) throw new Named('dry'); } catch (e) { console.log(e.message); } finally { k++; } } catch (e) { console.log(e?.message ?? "none"); }
  return k + 1;
}
function main() {
  let k = 2; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  if (k < 0) throw new Worse(k);
  try { for (const x of v) { v.push(k); if (x > 2) break; } try { k += 2; } catch (e) { console.log([e.name, e.message], "" + e); } finally { console.log("finally"); } try { try { console.log(JSON.parse(s)); } catch { console.log("caught"); } k = f1(k); } catch ({ message, name }) { console.log(name, message); } } catch ({ message, name }) { console.log(name, message); }
  console.log('step', k);
  console.log("end", k);
}
try { main(); } catch (e) { console.log("top", e.message); }
