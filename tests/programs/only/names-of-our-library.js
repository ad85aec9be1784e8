const depth = t => t.kids.length ? 1 + Math.max(...t.kids.map(k => depth(k))) : 1;
const count = t => 1 + t.kids.reduce((s, k) => s + count(k), 0);
const total = (t) => t.v + t.kids.reduce((s, k) => s + total(k), 0);
const least = l => l.length === 1 ? l[0] : Math.min(l[0], least(l.slice(1)));
let backwards = s => s === "" ? "" : backwards(s.slice(1)) + s[0];
const tree = { v: 1, kids: [{ v: 2, kids: [] }, { v: 5, kids: [] }] };
console.log(depth(tree), count(tree), total(tree), least([3, 1, 2]), backwards("abc"));
const max = (a, b) => a > b ? a : b, sorted = l => l.length < 2 ? l : [...sorted(l.filter(x => x < l[0])), l[0], ...sorted(l.filter(x => x > l[0]))];
console.log(max(1, 2), sorted([3, 1, 2]));
