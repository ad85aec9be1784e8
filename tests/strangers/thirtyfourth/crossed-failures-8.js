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
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  console.log('step', k);
  if (k > 3) { console.log("x".repeat(-1)); } else { console.log(JSON.parse(s)); }
  return k + 1;
}
async function f1(k) {
  const v = [5, 6]; let s = "[1, 2]"; const o = { a: {} };
  try { v.push(k); if (k > 3) { console.log(o.a.b.c); } else { console.log(v[9].x); } } catch (e) { console.log(String(e)); }
  return k + 1;
}
async function main() {
  let k = 1; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  console.log(JSON.parse(s));
  if (k > 0) { if (k === 1) throw Error('no seed'); } else { try { console.log((1.5).toFixed(200)); try { console.log('step', k); } catch (e) { console.log("" + e); } finally { console.log("finally"); } for (let i = 0; i < 3; i++) { console.log('step', k); if (i === k) continue; console.log("i", i); } } catch (e) { console.log(e instanceof Bad ? e.code : "-"); console.log(String(e)); throw e; } finally { console.log("finally"); } }
  for (const x of v) { try { try { console.log(JSON.parse(s)); k = await f0(k); } catch { console.log("caught"); } finally { k++; } try { console.log(JSON.parse(s)); } catch (e) { console.log(e.message, e.code); console.log(e.code); } finally { k++; } for (const x of v) { console.log(JSON.parse(s)); if (x > 2) break; } }  finally { k++; } if (x > 2) break; }
  if (k < 3) throw new Bad('dry', k);
  console.log("end", k);
}
main().catch(e => console.log("top", e.message));
