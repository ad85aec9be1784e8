const t = "The Quick brown fox; 12 jumps, 7 falls";
console.log(t.match(/\d+/g).map(Number), t.replace(/[aeiou]/gi, "*"), t.split(/[;,]\s*/));
console.log(/[0-9]/.test("a1"), /^[a-z]+$/.test("Abc"), !/x/.test("y"));
const m = "2026-11-28".match(/^(\d{4})-(\d\d)-(\d\d)$/);
console.log(m[1], m[2], m[3], "x".match(/y/), m);
console.log(t.replace(/\b\w/g, (c) => c.toUpperCase()), t.search(/fox/), "a-b-c".replace(/-/g, "+"), "Rose Thorn".replace(/(\w+) (\w+)/, "$2, $1"));
const re = /a(b)?/g;
let r;
while ((r = re.exec("abaab")) !== null) { console.log(r[0], r.index, r[1]); }
for (const x of "k1=v1;k2=v2".matchAll(/(\w+)=(\w+)/g)) console.log(x[1], x[2]);
const bad = new RegExp("b+", "i");
console.log(bad, "aBBc".replace(bad, "_"), "a, b,c".split(/\s*,\s*/), "abc".split(/(b)/), /[/]/.test("/"));
const s = 10 / 2 / 5, q = 4; let g = 2;
console.log(s, q / g, (q) / g / 1);
if (t.length / 2 > 3 && /fox/.test(t)) console.log("yes");
const email = /^[^\s@]+@[^\s@]+\.[^\s@]+$/;
["a@b.c", "ab.c"].forEach((e) => console.log(e, email.test(e)));
