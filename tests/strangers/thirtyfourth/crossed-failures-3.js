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
  const v = [5, 6]; let s = "7x"; const o = { a: {} };
  console.log(null.x);
  try { for (const x of v) { console.log('step', k); if (x > 2) break; } console.log(JSON.parse(s)); } catch (e) { console.log(e instanceof Plain ? "plain" : "other", e.message.length); console.log(String(e), e.name); throw e; }
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = ""; const o = { a: {} };
  s = '[1]';
  v.push(k);
  return k + 1;
}
function main() {
  let k = 2; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  k = f0(k);
  for (let i = 0; i < 3; i++) { for (const x of v) { try { k += 2; console.log(o.a.b.c); v.push(k); } catch (e) { console.log(e instanceof RangeError); } if (x > 2) break; }  console.log("i", i); }
  console.log("end", k);
}
try { main(); } catch (e) { console.log("top", e.message); }
