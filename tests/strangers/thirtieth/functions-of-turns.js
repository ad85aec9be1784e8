const fns = {};
['a', 'b'].forEach(function (n, i) { fns[n] = function () { return n + i; }; });
console.log(fns.a(), fns['b']());
const list = [];
for (const x of [1, 2]) { list.push(() => { const y = x * 2; return y; }); }
console.log(list.map(f => f()));
const subs = {};
[['x', 1], ['y', 2]].forEach(([k, v]) => { const w = v * 10; subs[k] = () => { const t = w + v; return `${k}${t}`; }; });
console.log(subs.x(), subs.y());
const timers = [];
[3, 1].forEach(ms => { timers.push(() => { console.log('after', ms); }); });
timers.forEach(t => t());
