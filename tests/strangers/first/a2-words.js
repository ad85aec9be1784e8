const text = "the bee and the beetle met the bee in the bed";
const c = {};
for (const w of text.split(" ")) c[w] = (c[w] || 0) + 1;
const top = Object.entries(c).sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]));
for (const [w, k] of top.slice(0, 3)) console.log(w.padEnd(8) + k);
console.log(Object.keys(c).length, c.worm ?? "no worm");
console.log(text.replace(/bee/g, "bug"), text.match(/b\w+/g));
console.log([...new Set(text)].sort().join(""));
