function f(a, b) { return a === b; }
const o = { x: 1 };
console.log(f({ x: 1 }, { x: 1 }), f(o, o), f([1], [1]), f("a", "a"));
const get = (x) => x.y;
console.log(get({ y: [1] }) === get({ y: [1] }), get({ y: o }) == get({ y: o }), { a: o }.a === o, [o][0] === o, [[1]][0] === [1]);
const clone = structuredClone({ y: { z: 1 } });
const orig = { y: { z: 1 } };
console.log(clone.y === orig.y, structuredClone(orig).y === orig.y, JSON.parse("[1]") === JSON.parse("[1]"), JSON.parse('{"y":{}}').y === orig.y);
const m = new Map([["k", [1]]]); console.log(m.get("k") === [1], m.get("k") === m.get("k"), [...m.values()][0] === m.get("k"));
console.log([[1]].includes([1]), [o].indexOf(o), [o].indexOf({ x: 1 }), Object.values({ a: o })[0] === o);
