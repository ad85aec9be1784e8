class Bed { constructor(n) { this.n = n; } count() { return this.n; } size() { return this.n * 2; } includes(x) { return x === this.n; } }
const a = [1, 2, 3];
const b = "text";
const beds = [new Bed(3), new Bed(1), new Bed(2)];
beds.sort((a, b) => a.count() - b.count());
console.log(beds.map((a) => a.count()).join(","), beds.filter((b) => b.includes(2)).length);
console.log(beds.map((a) => a.size()), a.includes(2), b.includes("x"));
const twice = (a) => a.size() + 1;
console.log(twice(beds[0]));
const f = function (b) { return b.includes(1); };
console.log(f(beds[0]), f([1]), f("1"));
const words = ["pea", "beans"];
words.sort((a, b) => a.length - b.length);
console.log(words, words.some((a) => a.includes("n")));
let total = 0;
beds.forEach((a) => { total += a.count(); });
console.log(total, a.length);
