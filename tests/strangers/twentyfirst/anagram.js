const words = "pear reap leek keel bean pea ape rose sore".split(" ");
const key = w => [...w].sort().join("");
const groups = words.reduce((map, word) => {
  const k = key(word);
  return map.set(k, [...(map.get(k) || []), word]);
}, new Map());
for (const [k, list] of groups) {
  if (list.length > 1) console.log(k.padEnd(5, "."), list);
}
const longest = [...groups.values()].sort((a, b) => b.length - a.length || a[0].localeCompare(b[0]))[0];
console.log(longest, groups.size);
function* pairs(list) {
  for (let i = 0; i < list.length; i++)
    for (let j = i + 1; j < list.length; j++) yield [list[i], list[j]];
}
console.log([...pairs(["a", "b", "c"])].map(p => p.join("-")).join());
const counts = {};
for (const ch of words.join("")) counts[ch] = (counts[ch] || 0) + 1;
const top = Object.keys(counts).sort((a, b) => counts[b] - counts[a] || (a < b ? -1 : 1)).slice(0, 3);
console.log(top.map(ch => `${ch}=${counts[ch]}`).join(", "));
const memo = {};
const fib = n => n < 2 ? n : memo[n] ?? (memo[n] = fib(n - 1) + fib(n - 2));
console.log(fib(50), Object.keys(memo).length);
const compose = (...fs) => x => fs.reduceRight((v, f) => f(v), x);
console.log(compose(x => x + 1, x => x * 2)(5));
const debounce = (fn, n) => { let calls = 0; return (...args) => ++calls % n === 0 ? fn(...args) : undefined; };
const every2 = debounce((a, b) => a + b, 2);
console.log(every2(1, 2), every2(3, 4));
const matrix = Array.from({ length: 3 }, (_, r) => Array.from({ length: 3 }, (_, c) => r * 3 + c));
const transposed = matrix[0].map((_, c) => matrix.map(row => row[c]));
console.log(transposed, matrix.flat().filter(n => n % 2).map(n => n ** 2));
label: for (const row of matrix) {
  for (const n of row) {
    if (n === 4) break label;
    if (n % 2) continue;
    console.log("even", n);
  }
}
let text = "";
for (let i = 0, j = 10; i < j; i += 3, j--) text += `${i}/${j} `;
console.log(text.trim());
switch (typeof text) { case "number": console.log("n"); break; case "string": { const l = text.length; console.log("s", l); } default: console.log("fell"); }
