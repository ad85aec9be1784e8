let n = 0;
const next = () => { process.stdout.write('.'); return n++; };
class D { n = 0; roll() { process.stdout.write('?'); return this.n++ % 3; } }
const f = [0, 0, 0, 0, 0, 0], d = new D();
f[next()]++; ++f[next()]; f[next()] += 2; f[next()] = f[next()] + 1; f[n++] -= 1;
f[d.roll()] += 10; f[d.roll()]--;
const g = [[0, 0, 0], [0, 0, 0], [0, 0, 0]];
g[d.roll()][d.roll()] += 1;
console.log(f, g, d.n, n);
const box = () => { process.stdout.write('box'); return d; };
box().n += 1; box().n++; box()['n'] *= 2;
console.log(d.n);
const m = {}; for (const w of ['a', 'b', 'a']) m[w.toUpperCase()] = (m[w.toUpperCase()] || 0) + 1;
m[(() => { console.log('once'); return 'k'; })()] ??= 4; m[(() => { console.log('again'); return 'k'; })()] ||= 5;
console.log(m);
