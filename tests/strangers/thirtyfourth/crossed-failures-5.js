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
  const v = [5, 6]; let s = "[1, 2]"; const o = { a: {} };
  try { for (const x of v) { k += 1; if (x > 2) break; } try { v.push(k); } catch (e) { console.log([e.name, e.message], e.constructor.name); console.log(e instanceof Bad ? e.code : "-", e.name + ":" + e.message); } finally { console.log("f", k); return 5; } } catch (e) { console.log(e.name); console.log(e.toString(), e.constructor.name); throw e; }
  try { for (let i = 0; i < 3; i++) { console.log(JSON.parse(s));  console.log("i", i); } try { throw new Plain(); k += 1; k += 2; } catch (e) { console.log(e instanceof Plain ? "plain" : "other", e.message.length); console.log(typeof e, `${e}`); return -1; } finally { console.log("finally"); } try { console.log(JSON.parse(s)); k += 2; } catch (e) { console.log(`${e}`); if (!(e instanceof Error)) throw e; } finally { k++; } } catch (e) { console.log(e.message.length, e.message.length); console.log(e?.message ?? "none"); }
  return k + 1;
}
async function f1(k) {
  const v = [5, 6]; let s = "7"; const o = { a: {} };
  console.log(undefined.length);
  if (k > 1) { if (k > 3) { console.log(JSON.parse(s)); } else { console.log(undefined.length); } } else { if (k > 1) { console.log(JSON.parse(s)); } else { console.log("x".repeat(-1)); } }
  try { console.log(JSON.parse(s)); } catch (e) { console.log(typeof e, e.name); throw e; }
  return k + 1;
}
async function main() {
  let k = 1; const v = [1, 2, 3]; let s = "5"; const o = { a: { b: 1 } };
  for (const x of v) { try { console.log('step', k); try { v.push(k); } catch (e) { console.log(e.code); console.log(e?.message ?? "none"); k++; } } catch (e) { console.log(e instanceof Bad, e.message || "empty"); } if (x > 2) break; }
  try { try { for (const x of v) { console.log(JSON.parse(s)); if (x > 2) break; } try { k = await f1(k); console.log(undefined.length); } catch (e) { console.log(e instanceof RangeError); } finally { k++; } for (let i = 0; i < 3; i++) { console.log('step', k); if (i === 1) break; console.log("i", i); } } catch (e) { console.log(String(e), e.name + ":" + e.message); } for (let i = 0; i < 3; i++) { try { k += 2; throw new Bad('no seed', 3); }  finally { k++; }  console.log("i", i); } try { try { if (k > 3) throw Error('no seed'); console.log(JSON.parse(s)); console.log('step', k); } catch (e) { console.log(e.constructor.name); throw new Error("again: " + e.message); } console.log(JSON.parse(s)); } catch (e) { console.log(e.message.length, e?.message ?? "none"); console.log(e.toString(), String(e)); } } catch (e) { console.log(e instanceof Error); } finally { k++; }
  try { k = await f1(k); } catch (e) { console.log(e.message.length, e.name + ":" + e.message); console.log(e.constructor.name, e.name + ":" + e.message); }
  for (let i = 0; i < 3; i++) { for (const x of v) { try { throw new TypeError(`k is ${k}`); } catch (e) { console.log(e instanceof RangeError); console.log(`${e}`); k++; } finally { console.log("finally"); } if (x > 2) break; } if (i === 1) break; console.log("i", i); }
  console.log("end", k);
}
main().then(() => console.log("done"), e => console.log("bad", e?.name)).finally(() => console.log("last"));
