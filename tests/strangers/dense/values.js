let null_ = null; const a = [1, 2, 3], b = a, c = [...a];
a.push(4); c[0] = 9;
console.log(a, b, c, a === b, a.length);
const o = { x: 1, n: { y: 2 } }, p = { ...o }, q = o;
p.x = 5; p.n.y = 7; q.z = 3;
console.log(o, p, 'z' in o, Object.keys(q).join());
function f(list, obj, num) { list.push(0); obj.k = num; num++; list = []; return num; }
const l = []; const ob = {}; console.log(f(l, ob, 1), l, ob);
var i = 3; const gs = []; for (let j = 0; j < 3; j++) gs.push(() => j);
console.log(gs.map((g) => g()), i);
console.log([1, 2, 3].map((x, i) => x * i), [3, 1, 2].sort(), ['b', 'a'].sort().reverse(), [1, 2, 3, 4].reduce((s, x) => s + x), [[1, 2], [3]].flat(), Array(3).fill(0), [..."abc"], Array.from({ length: 3 }, (_, i) => i * i));
console.log([5, 1, 10].sort((x, y) => y - x), [1, 2, 3].slice(-2), [1, 2, 3, 4].splice(1, 2), 'a,b'.split(','), [1, [2, [3]]].toString(), [1, 2].concat(3, [4]), [1, 2, 3].indexOf(4), [NaN].includes(NaN));
console.log('abc'.at(-1), 'abc'.slice(1), 'abcdef'.substring(4, 2), 'x'.repeat(3), ' t '.trim() + '|', 'a-b-c'.replace('-', '+'), 'a-b-c'.replaceAll('-', '+'), 'Abc'.toUpperCase(), 'abc'.charAt(1), 'abc'.charCodeAt(0), '5'.padStart(3, '0'), 'abc'.includes('bc'), 'abc' < 'abd');
console.log(1 + '2', '3' * '4', 1 - '1', true + 1, [] + 1, null + 1, undefined + 1, '5' - 2, +'', +' 7 ', +'x', 10 / 3, 7 % 3, -7 % 3, 2 ** 10, 0.1 + 0.2, 1e21, 5 / 0, (25).toString(2), parseInt('12.9abc'), parseFloat('3.5x'), Number('0x1f'), (3.14159).toFixed(2), Math.round(2.5), Math.round(-2.5), Math.trunc(-2.7) , Number.MAX_SAFE_INTEGER);
console.log(null == undefined, null === undefined, '1' == 1, 0 == '', 0 == '0', NaN != NaN, [] == false, !!'0', !!NaN, typeof NaN, typeof null, typeof [], typeof function () {}, 1 < 2 < 3, 3 > 2 > 1);
console.log(0 || 'a', '' ?? 'b', null ?? 'c', 0 && 1, 'x' && 'y', !0, undefined?.x, o?.n?.y, o.m?.q ?? 'none');
let x = 1, y = 2; [x, y] = [y, x]; let { n: { y: deep }, w = 8 } = o; const [h, , t = 3] = [1, 2];
console.log(x, y, deep, w, h, t);
const swap = ({ a, b }) => ({ a: b, b: a }); console.log(swap({ a: 1, b: 2 }), Math.max(...[1, 5, 2]));
const m = new Map([['k', 1]]); m.set('j', 2).set('k', 3); const s = new Set([1, 1, 2]); s.add(3).delete(1);
console.log(m, s, m.get('k'), m.size, s.has(1), [...m.keys()], [...s], m.get('none'), Object.fromEntries(m));
for (const [k, v] of m) console.log(k, v); for (const k in o) console.log(k); m.forEach((v, k) => console.log(`${k}=${v}`));
outer: for (let i = 0; i < 3; i++) { for (let j = 0; j < 3; j++) { if (j === 1) continue outer; if (i === 2) break outer; console.log(i, j); } }
switch (x) { case 1: console.log('one'); break; case 2: console.log('two'); case 3: console.log('three'); break; default: console.log('d'); }
let n = 0; do { n++; } while (n < 5); console.log(n, n++ + ++n, n--, n);
console.log(hoisted(2)); function hoisted(v) { return v * 2; } const fact = (k) => (k < 2 ? 1 : k * fact(k - 1)); console.log(fact(10), fact(25));

try { throw new RangeError('far'); } catch ({ message }) { console.log(message); }
const d = Object.freeze({ v: 1 }); d.v = 2; console.log(d.v, JSON.stringify({ a: [1, { b: null }], c: 'q"' }), JSON.parse('{"z":[1,2]}').z[1], JSON.stringify([undefined]), JSON.stringify({ a: 1, b: [1, 2] }, null, 2));
console.log([1, 2, 3].join(), [null, undefined, 1].join('-'), String([1, 2]), String({}), `${[1, 2]} ${{}}`, [undefined, null], { a: undefined }, [[]], {}, [{}], 'it\'s', ["it's"], -0, [-0], [1.50]);
console.log([3, 2, 1].find((v) => v < 3), [1, 2].some((v) => v > 1), [].every((v) => v), [1, 2, 3].findIndex((v) => v === 9), [1, 2, 3, 4].filter((v) => v % 2 === 0), [..."hi"].map((ch) => ch.charCodeAt(0)), Object.entries({ a: 1, b: 2 }).map(([k, v]) => k + v), Object.values({ a: 1 }), Object.assign({}, { a: 1 }, { b: 2 }));
