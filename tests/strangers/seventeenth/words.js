const text = `It was the best of beds, it was the worst of beds,
it was the age of compost; it was the age of weeds.`;

const words = text.toLowerCase().match(/[a-z]+/g);
const counts = {};
for (const w of words) {
  counts[w] = (counts[w] || 0) + 1;
}

const ranking = Object.entries(counts)
  .filter(([, n]) => n > 1)
  .sort(([a, x], [b, y]) => y - x || a.localeCompare(b));

ranking.forEach(([word, n], i) => console.log(`${i + 1}. ${word}: ${'*'.repeat(n)}`));

const byLength = words.reduce((groups, w) => {
  (groups[w.length] ??= new Set()).add(w);
  return groups;
}, {});
for (const len in byLength) {
  console.log(len, [...byLength[len]].sort().join(' '));
}

const capitalise = s => s.charAt(0).toUpperCase() + s.slice(1);
const camel = (str) => str.split(/[\s-_]+/).map((w, i) => i ? capitalise(w) : w).join('');
console.log(camel('garden shed-door_key'));

const isPalindrome = s => {
  const clean = s.toLowerCase().replace(/[^a-z]/g, '');
  return clean === [...clean].reverse().join('');
};
console.log(['Never odd or even', 'Bean'].map(isPalindrome));

const longest = words.reduce((a, b) => b.length > a.length ? b : a);
console.log(longest, words.indexOf('beds'), words.lastIndexOf('beds'), words.includes('rake'));
console.log(text.split('\n').map(l => l.trim().length));
const vowels = [...text].filter(c => 'aeiou'.includes(c)).length;
console.log({ vowels, words: words.length });
console.log(JSON.stringify(Object.fromEntries(ranking)));
console.log("%s has %d letters", longest, longest.length);
