const a = [3, 10, 2];
console.log(a.toSorted(), a.toSorted((x, y) => x - y), a.toReversed(), a);
const names = ['b', 'a']; const s = names.toSorted(); s.push('z'); console.log(names, s, [3, 1].toSorted?.() ?? 'old');
console.log(a.toSorted((x, y) => y - x).map(x => x * 2));
console.log([1, 2].map?.(x => x * 2), 'abc'.at?.(-1), [5].includes?.(5));
const o = { hi() { return 'hi'; } }; console.log(o.hi?.(), o.no?.(), o.no?.().x);
