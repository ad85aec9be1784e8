console.table([{ name: 'rake', price: 12.5 }, { name: 'pot', price: 4, x: true }]);
console.table([[1, 2], [3, 'a']]);
console.table(['a', 'b']);
console.table({ a: { v: 1 }, b: { v: 'two', w: null } });
console.table({ a: 1, b: 'x' });
console.table(new Map([['k', 1], ['m', { q: 2 }]]));
console.table([{ a: 1, b: 2 }, { a: 3, b: 4 }], ['b']);
console.table(5); console.table('hi'); console.table([]);
console.table([{ a: [1, 2], b: { c: 1 } }, 7]);
console.table(new Set(['p', 'q']));
class P { constructor(n) { this.n = n; } }
console.table([new P(1), new P('é')]);
console.table(null);
console.table([1.5, -0, undefined, null, true]);
