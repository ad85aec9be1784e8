[1, 2, 3].forEach(n => { if (n === 2) return console.log('two'); console.log(n); });
['a', '', 'b'].forEach((s, i) => { if (!s) { return console.log(i, 'empty'); } console.log(s.toUpperCase()); });
const seen = []; [3, 4].forEach(n => { if (n > 3) return seen.push(n); console.log('small', n); }); console.log(seen, (12.9).toFixed(), (2.5).toFixed(), (-1.5).toFixed(0));
try { null.x; } catch (e) { console.log(e.constructor.name); }
