class A { constructor() { this.x = 1; } go() {} get y() { return 2; } set z(v) {} }
const a = new A(), o = { k: 1 }, m = new Map([["q", 1]]);
console.log("x" in a, "go" in a, "y" in a, "z" in a, "nope" in a, "toString" in a, "toString" in o, "k" in o, m.has("q"), m.has("toString"), new Set(["toString"]).has("toString"));
const words = {};
for (const w of ["toString", "a", "a"]) words[w] = (words[w] || 0) + 1;
console.log(words.a, [1, 2].includes(2));
