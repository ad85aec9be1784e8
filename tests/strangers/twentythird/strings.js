function isPalindrome(str) {
  const clean = str.toLowerCase().replace(/[^a-z0-9]/g, '');
  return clean === clean.split('').reverse().join('');
}
function caesar(text, shift) {
  return text.replace(/[a-z]/gi, (ch) => {
    const base = ch <= 'Z' ? 65 : 97;
    return String.fromCharCode(((ch.charCodeAt(0) - base + shift + 26) % 26) + base);
  });
}
const titleCase = s => s.split(' ').map(w => w.charAt(0).toUpperCase() + w.slice(1).toLowerCase()).join(' ');
const camel = s => s.replace(/[-_\s]+(.)?/g, (_, c) => (c ? c.toUpperCase() : ''));
const kebab = s => s.replace(/([a-z])([A-Z])/g, '$1-$2').toLowerCase();
function rle(s) {
  let out = '';
  for (let i = 0, n; i < s.length; i += n) {
    for (n = 1; i + n < s.length && s[i + n] === s[i]; n++);
    out += (n > 1 ? n : '') + s[i];
  }
  return out;
}
function unrle(s) { return s.replace(/(\d+)(\D)/g, (m, n, c) => c.repeat(+n)); }
function countVowels(s) { return (s.match(/[aeiou]/gi) || []).length; }
function anagrams(a, b) { const n = s => [...s.toLowerCase()].filter(c => c !== ' ').sort().join(''); return n(a) === n(b); }
function wrap(text, width) {
  const lines = [];
  let line = '';
  for (const word of text.split(/\s+/)) {
    if ((line + ' ' + word).trim().length > width) { lines.push(line); line = word; }
    else line = (line + ' ' + word).trim();
  }
  if (line) lines.push(line);
  return lines;
}
console.log(isPalindrome('A man, a plan, a canal: Panama'), isPalindrome('hedge'));
console.log(caesar('Meet at the Shed!', 3), caesar(caesar('xyz', 3), -3));
console.log(titleCase('the LONG garden path'), camel('long-garden_path here'), kebab('longGardenPath'));
console.log(rle('aaabccd'), unrle(rle('aaabccd')), unrle('12x'));
console.log(countVowels('Fernhollow'), anagrams('Listen', 'Silent'));
wrap('The hens walked slowly round the pond and back to the shed again', 16).forEach(l => console.log(`|${l.padEnd(16)}|`));
const text = 'peas 12, beans 7, kale 30';
const re = /(\w+) (\d+)/g;
let m;
while ((m = re.exec(text)) !== null) console.log(m[1], Number(m[2]), m.index);
console.log([...text.matchAll(/\d+/g)].map(x => +x[0]), text.split(', ').map(p => p.split(' ')));
console.log(text.search(/\d/), text.replaceAll('a', '@'), /^p.*\d$/.test(text));
console.log('a-b-c'.split('-', 2), 'abc'.at(-1), 'x'.codePointAt(0), 'tree'.substring(3, 1), 'tree'.substr(-3, 2));
console.log('%s has %d beds', 'Fernhollow', 12, 'extra');
console.log("tab\there", 'quote\'s', `multi
line`, 'é'.length, '🌱'.length, [...'🌱x'].length);
console.log('b' > 'a', 'B' > 'a', '10' < '9', 10 < '9', '5' * '2', '5' + 2, +'', +'x', null + 1, [] + [], true + true);
console.log('abc'.localeCompare('abd'), 'z'.startsWith('z'), 'bcd'.endsWith('cd'), 'lo'.concat('w', 1), ' x '.trimEnd() + '|');
console.log(Array.from('abc', c => c.charCodeAt()), Object.entries('hi'), 'ab'.split(''));
const tally = {};
for (const ch of 'mississippi') tally[ch] = (tally[ch] || 0) + 1;
console.log(tally, Object.entries(tally).sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]))[0]);
