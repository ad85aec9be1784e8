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
  console.log(v[9].x);
  for (const x of v) { for (let i = 0; i < 3; i++) { if (k === 1) throw Error('dry'); if (i === 1) break; console.log("i", i); } if (x > 2) break; }
  try { for (let i = 0; i < 3; i++) { console.log(JSON.parse(s)); if (i === 1) break; console.log("i", i); } if (k > 3) { v.x.y = 3; } else { console.log('step', k); } } catch (e) { console.log(typeof e); console.log(e.toString(), e.message.length); } finally { k++; }
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = "{"; const o = { a: {} };
  k += 2;
  s = '[1]';
  return k + 1;
}
function main() {
  let k = 2; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  console.log(JSON.parse(s));
  for (let i = 0; i < 3; i++) { try { console.log(JSON.parse(s)); k += 1; console.log('step', k); } catch (e) { console.log(e instanceof Bad); }  console.log("i", i); }
  k += 2;
  console.log("end", k);
}
main();
