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
  const v = [5, 6]; let s = "7x"; const o = { a: {} };
  for (const x of v) { for (const x of v) { console.log(JSON.parse(s)); if (x > 2) break; } if (x > 2) break; }
  try { for (let i = 0; i < 3; i++) { throw new Plain(); if (i === k) continue; console.log("i", i); } } catch { console.log("caught"); }
  return k + 1;
}
async function f1(k) {
  const v = [5, 6]; let s = ""; const o = { a: {} };
  for (const x of v) { try { v.x.y = 3; console.log('step', k); } catch (e) { console.log(e.toString()); } finally { console.log("f", k); return 5; } if (x > 2) break; }
  try { try { s = '[1]'; } catch (e) { console.log(e.code, e instanceof Plain ? "plain" : "other"); console.log(e.constructor.name); } console.log('step', k); try { k += 2; k += 1; s = '[1]'; } catch (e) { console.log(`${e}`, e.message); } } catch (e) { console.log("" + e, `${e}`); console.log(e.toString(), e.message); }
  for (const x of v) { for (let i = 0; i < 3; i++) { k(); if (i === k) continue; console.log("i", i); } if (x > 2) break; }
  return k + 1;
}
async function main() {
  let k = 0; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  if (k > 1) { throw Error(`k is ${k}`); } else { try { try { v.push(k); } catch (e) { console.log(e instanceof RangeError); console.log(e.name, `${e}`); k++; } for (const x of v) { k = await f0(k); if (x > 2) break; } try { console.log(JSON.parse(s)); } catch ({ message, name }) { console.log(name, message); } } catch (e) { console.log([e.name, e.message]); console.log(e.message); } }
  for (let i = 0; i < 3; i++) { try { v.push(k); } catch { console.log("caught"); } finally { k++; } if (i === k) continue; console.log("i", i); }
  for (let i = 0; i < 3; i++) { if (k === 1) throw new Error('dry'); if (i === 1) break; console.log("i", i); }
  console.log("end", k);
}
main();
