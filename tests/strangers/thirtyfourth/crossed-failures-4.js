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
  const v = [5, 6]; let s = "[1, 2]"; const o = { a: {} };
  console.log(JSON.parse(s));
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = "{"; const o = { a: {} };
  console.log('step', k);
  return k + 1;
}
function main() {
  let k = 1; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  for (const x of v) { for (let i = 0; i < 3; i++) { for (let i = 0; i < 3; i++) { console.log(JSON.parse(s)); if (i === k) continue; console.log("i", i); } if (i === 1) break; console.log("i", i); } if (x > 2) break; }
  try { try { console.log(JSON.parse(s)); try { k += 2; console.log(JSON.parse(s)); k += 1; } catch (e) { console.log(e.message, e instanceof Bad ? e.code : "-"); console.log(e instanceof Plain ? "plain" : "other"); if (!(e instanceof TypeError)) throw e; } try { k = f1(k); } catch (e) { console.log(e instanceof Plain ? "plain" : "other", e?.message ?? "none"); console.log(e.toString(), e.code); } } catch (e) { console.log(`${e}`); if (!(e instanceof Error)) throw e; } finally { console.log("finally"); } try { k = f0(k); v.push(k); }  finally { console.log("finally"); } for (const x of v) { try { k += 2; k += 2; } catch ({ message, name }) { console.log(name, message); } if (x > 2) break; } } catch (e) { console.log(e.constructor.name, e instanceof Bad ? e.code : "-"); }
  k = f0(k);
  try { try { try { console.log('step', k); console.log(JSON.parse(s)); } catch ({ message, name }) { console.log(name, message); } for (let i = 0; i < 3; i++) { v.push(k);  console.log("i", i); } try { k += 2; } catch { console.log("caught"); } } catch (e) { console.log(e.name); } } catch { console.log("caught"); }
  console.log("end", k);
}
try { main(); } catch (e) { console.log("top", e.message); }
