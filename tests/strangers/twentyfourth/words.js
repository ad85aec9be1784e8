const text = `The bean climbs up the pole.
The pea climbs as well, and the rose
does not; the rose only grows.`;

const words = text.toLowerCase().match(/[a-z]+/g);
const freq = {};
for (const w of words) {
  freq[w] = (freq[w] || 0) + 1;
}
const sorted = Object.entries(freq).sort(([a, x], [b, y]) => y - x || a.localeCompare(b));
console.log(sorted.slice(0, 5));
console.table ? console.log("ok") : null;
const longest = words.reduce((a, b) => (b.length > a.length ? b : a), "");
console.log(longest, words.length, new Set(words).size);
const lines = text.split("\n").map((line, i) => `${String(i + 1).padStart(2, "0")}| ${line.trim()}`);
console.log(lines.join("\n"));
const caps = text.replace(/\b[a-z]/g, (c) => c.toUpperCase());
console.log(caps.split("\n")[0]);
const vowels = [...text].filter((c) => "aeiou".includes(c)).length;
console.log(`${vowels} vowels, ${((vowels / text.length) * 100).toFixed(1)}%`);
const isPalindrome = (s) => {
  const clean = s.toLowerCase().replace(/[^a-z]/g, "");
  return clean === clean.split("").reverse().join("");
};
["Never odd or even", "Garden", "Step on no pets"].forEach((s) => console.log(s, isPalindrome(s)));
const groups = words.reduce((m, w) => {
  const k = w[0];
  (m[k] = m[k] || []).push(w);
  return m;
}, {});
for (const key of Object.keys(groups).sort()) {
  console.log(key.toUpperCase() + ":", [...new Set(groups[key])].sort().join(" "));
}
console.log(text.indexOf("rose"), text.lastIndexOf("rose"), text.charAt(4), text.charCodeAt(4), text.slice(-6, -1));
