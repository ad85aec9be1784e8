const text = 'The quick brown fox jumps over the lazy dog';
const words = text.split(' ');
console.log(words.length, words.map(w => w[0]).join(''), text.split('').reverse().join(''));
console.log(words.map(w => w.charAt(0).toUpperCase() + w.slice(1).toLowerCase()).join(' '));
const counts = {};
for (const ch of text.toLowerCase()) {
  if (ch === ' ') continue;
  counts[ch] = (counts[ch] || 0) + 1;
}
const top = Object.entries(counts).sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1)).slice(0, 3);
console.log(top, counts.z);
const isPalindrome = s => { const t = s.toLowerCase().replace(/[^a-z]/g, ''); return t === [...t].reverse().join(''); };
console.log(isPalindrome('A man, a plan, a canal: Panama'), isPalindrome('fern'));
console.log(text.indexOf('fox'), text.lastIndexOf('o'), text.includes('cat'), text.startsWith('The'), text.substring(4, 9), text.substr(-3), text.slice(-8, -4));
console.log(text.replace('quick', 'slow'), text.replaceAll('o', '0'), text.match(/o/g).length, text.search(/j/), /(\w+) (\w+)/.exec(text)[2]);
console.log('abc'.codePointAt(1), 'a'.charCodeAt(0), String.fromCharCode(72, 105), 'x'.repeat(3), ' pad '.trim() + '|', 'a-b-c'.split('-', 2), 'b' > 'a', 'é'.length);
const caesar = (s, k) => s.replace(/[a-z]/gi, c => { const b = c <= 'Z' ? 65 : 97; return String.fromCharCode((c.charCodeAt(0) - b + k + 26) % 26 + b); });
console.log(caesar('Hello, World', 3), caesar(caesar('Hello, World', 3), -3));
console.log(`multi
line ${1 + 1}`, 'tab\there', "quote \"x\"", 'back\\slash', '\u00e9');
console.log([..."hello"].filter((c, i, all) => all.indexOf(c) === i).join(''), Array.from('abc', c => c + c), 'a,b;c'.split(/[,;]/));
