const m = new Map([['a', 1]]); let calls = 0; const d = () => { calls++; return 9; };
console.log(m.get('a') ?? d(), m.get('b') ?? d(), calls);
const o = { x: 0, y: null }; console.log(o.x ?? d(), o.y ?? d(), o.z ?? d(), calls, o['q' + 1] ?? [1, 2][0], [5][3] ?? d(), "abc"[9] ?? d());
const cache = {}; const fib = n => cache[n] ?? (cache[n] = n < 2 ? n : fib(n - 1) + fib(n - 2)); console.log(fib(40), Object.keys(cache).length);
o.z ??= d(); o.z ??= d(); console.log(o.z, calls);
