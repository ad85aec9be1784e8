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
  for (const x of v) { if (k < 1) throw new SyntaxError('dry'); if (x > 2) break; }
  for (const x of v) { try { console.log(v[9].x); } catch ({ message, name }) { console.log(name, message); } finally { k++; } if (x > 2) break; }
  return k + 1;
}
function f1(k) {
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  console.log(null.x);
  if (k > 3) { for (const x of v) { s = '[1]'; if (x > 2) break; } } else { for (const x of v) { console.log('step', k); if (x > 2) break; } }
  for (let i = 0; i < 3; i++) { try { k += 1; } catch ({ message, name }) { console.log(name, message); } finally { console.log("finally"); } if (i === 1) break; console.log("i", i); }
  return k + 1;
}
function main() {
  let k = 2; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  try { for (const x of v) { for (const x of v) { console.log('step', k); if (x > 2) break; } if (x > 2) break; } if (k < 3) throw Error('no seed'); } catch (e) { console.log([e.name, e.message]); throw e; }
  console.log(JSON.parse(s));
  try { try { try { if (k === 1) throw new Worse(3); k += 2; } catch (e) { console.log(e.code); } } catch (e) { console.log(e.name + ":" + e.message); console.log(e.message); } console.log('step', k); console.log(v[9].x); } catch { console.log("caught"); }
  for (const x of v) { for (const x of v) { k = f0(k); if (x > 2) break; } if (x > 2) break; }
  console.log("end", k);
}
try { main(); } catch (e) { console.log("top", e.message); }
