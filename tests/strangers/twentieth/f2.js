function parse(src) {
  const tokens = src.match(/\d+(\.\d+)?|[-+*/()]/g) || [];
  let pos = 0;
  const peek = () => tokens[pos];
  const next = () => tokens[pos++];
  function expr() {
    let left = term();
    while (peek() === "+" || peek() === "-") {
      const op = next();
      const right = term();
      left = op === "+" ? left + right : left - right;
    }
    return left;
  }
  function term() {
    let left = factor();
    while (peek() === "*" || peek() === "/") {
      if (next() === "*") left *= factor();
      else {
        const d = factor();
        if (d === 0) throw new RangeError("division by zero");
        left /= d;
      }
    }
    return left;
  }
  function factor() {
    if (peek() === "-") { next(); return -factor(); }
    if (peek() === "(") {
      next();
      const v = expr();
      if (next() !== ")") throw new SyntaxError("missing )");
      return v;
    }
    const t = next();
    if (t === undefined) throw new SyntaxError("unexpected end");
    return parseFloat(t);
  }
  const value = expr();
  if (pos < tokens.length) throw new SyntaxError("extra " + tokens[pos]);
  return value;
}
for (const src of ["1 + 2 * 3", "(1 + 2) * 3", "-4 / (2 - 2)", "2 * (3", "7 8", "-(-2.5)", "10 - 2 - 3"]) {
  try {
    console.log(src, "=", parse(src));
  } catch ({ name, message }) {
    console.log(src, "!", name, message);
  }
}
const roman = (n) => {
  const table = [[1000, "M"], [900, "CM"], [500, "D"], [400, "CD"], [100, "C"], [90, "XC"], [50, "L"], [40, "XL"], [10, "X"], [9, "IX"], [5, "V"], [4, "IV"], [1, "I"]];
  let out = "";
  for (const [value, sign] of table) while (n >= value) { out += sign; n -= value; }
  return out;
};
const fromRoman = (s) => [...s].reduce((sum, ch, i, all) => {
  const v = { I: 1, V: 5, X: 10, L: 50, C: 100, D: 500, M: 1000 };
  return v[ch] < (v[all[i + 1]] || 0) ? sum - v[ch] : sum + v[ch];
}, 0);
console.log([4, 9, 14, 1994, 2026].map((n) => `${n}:${roman(n)}:${fromRoman(roman(n))}`).join(" "));
const life = (cells) => {
  const count = new Map();
  for (const key of cells) {
    const [x, y] = key.split(",").map(Number);
    for (let dx = -1; dx <= 1; dx++) for (let dy = -1; dy <= 1; dy++) {
      if (dx || dy) { const k = `${x + dx},${y + dy}`; count.set(k, (count.get(k) || 0) + 1); }
    }
  }
  return new Set([...count].filter(([k, n]) => n === 3 || (n === 2 && cells.has(k))).map(([k]) => k));
};
let cells = new Set(["1,0", "1,1", "1,2"]);
cells = life(cells);
console.log([...cells].sort().join(" "), cells.size);
const trie = {};
for (const w of ["tea", "ten", "to"]) {
  let node = trie;
  for (const ch of w) node = node[ch] ??= {};
  node.end = true;
}
const wordsOf = (node, prefix = "") => Object.entries(node).flatMap(([k, v]) => k === "end" ? [prefix] : wordsOf(v, prefix + k));
console.log(wordsOf(trie), JSON.stringify(trie.t.o));
const pipeline = [(x) => x + 1, (x) => x * 2, Math.sqrt];
console.log(pipeline.reduce((v, f) => f(v), 7), pipeline.map((f) => f(1)));
const deepEqual = (a, b) => {
  if (a === b) return true;
  if (typeof a !== "object" || typeof b !== "object" || a === null || b === null) return false;
  const ka = Object.keys(a), kb = Object.keys(b);
  return ka.length === kb.length && ka.every((k) => deepEqual(a[k], b[k]));
};
console.log(deepEqual({ a: [1, { b: 2 }] }, { a: [1, { b: 2 }] }), deepEqual([1], [2]), deepEqual(null, {}));
const counter = {};
"hello world".split("").filter((c) => c !== " ").forEach((c) => { counter[c] = counter[c] + 1 || 1; });
console.log(Object.entries(counter).sort((a, b) => b[1] - a[1] || (a[0] > b[0] ? 1 : -1)).slice(0, 3).map(([c, n]) => c + n).join());
const tower = (n, from, to, via, moves = []) => {
  if (n > 0) {
    tower(n - 1, from, via, to, moves);
    moves.push(from + to);
    tower(n - 1, via, to, from, moves);
  }
  return moves;
};
console.log(tower(3, "A", "C", "B").join(" "));
const debounce = (fn) => { let calls = 0; return (...a) => { calls++; return calls % 2 ? fn(...a) : undefined; }; };
const d = debounce((x, y) => x + y);
console.log(d(1, 2), d(1, 2), d(3, 4));
console.log([..."mississippi"].reduce((acc, ch) => acc.includes(ch) ? acc : acc + ch, ""), [3, 1, 2].toString(), Number.parseFloat("1.5x"), (25).toString(36), (0.5).toString(2));
let str = "";
for (let i = 0; i < 3; i++) { for (let j = 0; j < 3; j++) { if (j === i) continue; str += `${i}${j} `; } }
console.log(str.trim().split(" ").length, str);
const [a, b, ...c] = "abcdef"; const { x: { y = 5 } = {} } = {};
console.log(a, b, c.join(""), y);
