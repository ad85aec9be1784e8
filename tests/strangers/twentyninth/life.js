const grid = [
  '..#..',
  '.###.',
  '..#..',
].map(r => [...r]);
const H = grid.length, W = grid[0].length;
const inside = (r, c) => r >= 0 && c >= 0 && r < H && c < W;
function neighbours(r, c) {
  let n = 0;
  for (let dr = -1; dr <= 1; dr++) for (let dc = -1; dc <= 1; dc++) {
    if (!dr && !dc) continue;
    if (inside(r + dr, c + dc) && grid[r + dr][c + dc] === '#') n++;
  }
  return n;
}
const next = grid.map((row, r) => row.map((cell, c) => {
  const n = neighbours(r, c);
  return cell === '#' ? (n === 2 || n === 3 ? '#' : '.') : n === 3 ? '#' : '.';
}));
console.log(next.map(r => r.join('')).join('\n'));
const users = new Map([['mia', { age: 12, tags: new Set(['a', 'b']) }], ['tom', { age: 13, tags: new Set() }]]);
for (const [name, { age, tags }] of users) console.log(name, age, [...tags].join('+') || '-', tags.size);
console.log(users);
const ws = new WeakMap(); const key = {}; ws.set(key, 1); console.log(ws.get(key), ws.has({}));
const frozen = Object.freeze({ a: 1, nested: { b: 2 } });
try { 'use strict'; frozen.a = 2; frozen.nested.b = 3; } catch (e) { console.log(e.name); }
console.log(frozen);
const sym = Symbol('id'); const o = { [sym]: 1, plain: 2 }; console.log(o[sym], Object.keys(o), sym.toString());
console.log([3, 1, 2].sort().reverse(), [1, 2, 3, 4].findLastIndex(x => x % 2), [..."aab"].filter((c, i, a) => a.indexOf(c) === i));
console.log(Number.parseFloat('3.14abc'), (25).toString(36), (1e21).toString(), 0.1 * 3, 5 % -3, -5 % 3, 2 ** -1, 7 / 0, [] + {}, [1] == 1, null ?? 'd', undefined?.x);
label: { console.log('in'); break label; }
var hoist = typeof later; var later = 3; console.log(hoist, later);
console.log([1, 2, 3].reduceRight((a, b) => a + '-' + b), Array(3).fill(0), new Array(2, 3), Array.of(7), 'abc'.split('').entries().next().value);
switch (true) { case H > 5: console.log('big'); break; case H > 2: console.log('medium'); default: console.log('fell'); }
