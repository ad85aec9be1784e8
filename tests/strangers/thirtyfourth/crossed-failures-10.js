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
  const v = [5, 6]; let s = ""; const o = { a: {} };
  console.log(JSON.parse(s));
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  for (let i = 0; i < 3; i++) { try { s = '[1]'; } catch (e) { console.log(String(e)); console.log(e.message || "empty", e.toString()); throw e; } if (i === 1) break; console.log("i", i); }
  s = '[1]';
  return k + 1;
}
function main() {
  let k = 2; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  for (let i = 0; i < 3; i++) { try { try { console.log(JSON.parse(s)); v.push(k); k += 2; } catch (e) { console.log(typeof e); console.log(e.toString(), `${e}`); throw e; } if (k > 2) { console.log(JSON.parse(s)); } else { console.log(JSON.parse(s)); } v.push(k); } catch (e) { console.log(e.message || "empty"); throw e; } finally { k++; } if (i === k) continue; console.log("i", i); }
  k += 2;
  try { v.push(k); try { try { if (k > 1) throw new Named(`k is ${k}`); } catch ({ message, name }) { console.log(name, message); } finally { console.log("finally"); } }  finally { console.log("finally"); } for (const x of v) { console.log(null.x); if (x > 2) break; } } catch (e) { console.log(e.message || "empty", e?.message ?? "none"); }
  console.log("end", k);
}
main();
