function check(n) { if (n < 0) throw 'negative: ' + n; if (n > 9) throw `large ${n}`; if (n === 5) throw new Error('five'); return n; }
for (const n of [1, -2, 12]) {
  try { console.log(check(n)); } catch (e) { console.log('caught', e, typeof e, `${e}!`, e.message); }
}
try { check(5); } catch (err) { console.log(err.message, `${err}`, String(err)); }
try { try { throw 'inner'; } catch (x) { console.log(x); throw x; } finally { console.log('fin'); } } catch (y) { console.log('again ' + y); }
console.log(typeof Math, typeof parseInt, typeof console);
try { [].reduce((a, b) => a + b); } catch (e) { console.log(e.name, e.message); }
