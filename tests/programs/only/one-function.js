function f() { return 1; }
const g = f;
console.log(f === f, g === f, [f].indexOf(f), [f].filter(h => h !== f).length);
function outer() {
  const w = (...a) => a.length;
  function inner() { return 2; }
  const list = [w, inner];
  return [w === w, list.indexOf(w), list.includes(inner), inner === inner, list.filter(h => h !== w).length];
}
console.log(outer());
class A {
  constructor() { this.hs = []; }
  on(fn) { this.hs.push(fn); }
  off(fn) { this.hs = this.hs.filter(h => h !== fn); }
  once(fn) { const wrap = (...args) => { this.off(wrap); fn(...args); }; this.on(wrap); }
  twice(fn) { const wrap = x => { this.off(wrap); fn(x); }; this.on(wrap); }
  emit(...a) { this.hs.slice().forEach(h => h(...a)); }
}
const a = new A();
a.once(x => console.log("once", x));
a.twice(x => console.log("twice", x));
a.emit(1); a.emit(2);
console.log(a.hs.length);
const s = new Set([f]); s.add(f); console.log(s.size);
const m = new Map(); m.set(f, 1); console.log(m.get(f));
