class S { static byArea(a, b) { return a.n - b.n; } static twice(x) { return x * 2; } static ok(x) { return x > 2; } }
const l = [{ n: 3 }, { n: 1 }];
console.log(l.sort(S.byArea), [1, 2, 3].map(S.twice), [1, 2, 3].filter(S.ok));
const f = S.twice;
console.log(f(4), [S.twice, S.ok].map(g => g(3)));
setTimeout(S.twice, 1);
console.log([...l].sort(S.byArea).length, l.toSorted(S.byArea)[0].n, [5, 6].find(S.ok), [5].some(S.ok), [1].every(S.ok));
