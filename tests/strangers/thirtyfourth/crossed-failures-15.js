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
  try { console.log(null.x); } catch (e) { console.log([e.name, e.message]); }
  if (k < 0) throw new RangeError('no seed');
  for (const x of v) { for (const x of v) { console.log(JSON.parse(s)); if (x > 2) break; } if (x > 2) break; }
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  if (k > 2) { for (let i = 0; i < 3; i++) { s = '[1]'; if (i === 1) break; console.log("i", i); } } else { console.log(JSON.parse(s)); }
  return k + 1;
}
function main() {
  let k = 2; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  for (const x of v) { for (let i = 0; i < 3; i++) { k += 2; if (i === 1) break; console.log("i", i); } if (x > 2) break; }
  try { try { if (k === 0) throw new TypeError(`k is ${k}`); }  finally { console.log("finally"); } for (let i = 0; i < 3; i++) { try { console.log((1.5).toFixed(200)); if (k < 3) throw new Plain(); console.log(JSON.parse(s)); } catch (e) { console.log(String(e), e instanceof Error); console.log(typeof e, e.message); } if (i === 1) break; console.log("i", i); } } catch { console.log("caught"); }
  console.log("end", k);
}
main();
