try { null.x; } catch (e) { console.log('a: ' + e); }
try { throw new RangeError('far'); } catch (e) { console.log(`b: ${e}`); console.log(String(e), e.toString()); }
class Own extends Error { constructor(m) { super(m); this.name = 'Own'; this.n = 3; } }
try { throw new Own('mine'); } catch (e) { console.log(`${e}`, e.n); console.log(String(e)); }
function f(a) { if (!a) return console.log('none'); console.log(a); }
f(0); f(3);
const o = { g(x) { if (x > 2) return console.log('big', x); console.log('small'); }, h(...w) { if (!w.length) return console.log('empty'); return 4; } };
o.g(1); o.g(5); console.log(o.h(), o.h(1));
