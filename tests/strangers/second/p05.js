const text = `The garden is green.
The beans are tall; the peas are small!`;
const counts = new Map();
for (const word of text.toLowerCase().split(/\W+/)) {
  if (!word) continue;
  counts.set(word, (counts.get(word) || 0) + 1);
}
const sorted = [...counts].sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1));
for (const [word, n] of sorted.slice(0, 4)) console.log(word.padEnd(8, '.'), n);
console.log(text.split('\n').map((l, i) => `${i + 1}: ${l.trim()}`).join('\n'));
const vowels = text.match(/[aeiou]/gi).length;
console.log(vowels, text.length, text.charAt(4), text[5], text.indexOf('beans'), text.includes('kale'));
console.log(text.replace(/(\w+) is (\w+)/, '$2 is $1').split('.')[0]);
const caesar = (s, k) => s.replace(/[a-z]/gi, c => {
  const base = c <= 'Z' ? 65 : 97;
  return String.fromCharCode((c.charCodeAt(0) - base + k + 26) % 26 + base);
});
console.log(caesar('Hello, Garden!', 5), caesar(caesar('Hello, Garden!', 5), -5));
const isAnagram = (a, b) => [...a].sort().join('') === [...b].sort().join('');
console.log(isAnagram('listen', 'silent'), 'camelCaseWord'.replace(/([A-Z])/g, ' $1').toLowerCase());
console.log('a-b_c'.split(/[-_]/), '  trim '.trim().length, 'abc'.at(-1), 'x'.codePointAt(0), 'ß'.toUpperCase());
