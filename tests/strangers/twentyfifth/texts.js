const text = `The mole digs at night.
The mole, the owl and the fox know it!
Is it night yet?`;
const words = text.toLowerCase().match(/[a-z']+/g);
const freq = {};
for (const w of words) freq[w] = (freq[w] || 0) + 1;
const top = Object.entries(freq).sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0])).slice(0, 4);
for (const [w, n] of top) console.log(`${w.padStart(6)} ${'*'.repeat(n)}`);
console.log(text.split('\n').map((l) => l.length));
console.log(text.replace(/mole/g, 'vole').split('\n')[1]);
console.log(text.replace(/(\w+) (\w+)/, '$2 $1').slice(0, 12));
const isPalindrome = (s) => { const t = s.toLowerCase().replace(/[^a-z]/g, ''); return t === [...t].reverse().join(''); };
console.log(['Never odd or even', 'Owl'].map(isPalindrome));
const caesar = (s, k) => s.replace(/[a-z]/gi, (c) => {
  const base = c <= 'Z' ? 65 : 97;
  return String.fromCharCode((c.charCodeAt(0) - base + k + 26) % 26 + base);
});
console.log(caesar('Hello, Garden!', 3), caesar(caesar('Hello', 3), -3));
console.log(/^\d{3}-\d{4}$/.test('555-0134'), /^\d{3}-\d{4}$/.test('5550134'));
const m = 'bed 12, row 7'.match(/bed (\d+), row (\d+)/);
if (m) { const [, bed, row] = m; console.log(Number(bed) * 10 + +row); }
console.log('a-b_c d'.split(/[-_ ]/), 'x'.codePointAt(0), 'abc'.split(''));
console.log('camelCaseName'.replace(/[A-Z]/g, (c) => '_' + c.toLowerCase()), 'snake_case_name'.replace(/_(\w)/g, (_, c) => c.toUpperCase()));
console.log([...'héllo'].length, 'abc' < 'abd', 'Z' < 'a', 'trim me  '.trimEnd() + '|');
for (const match of 'k1=v1;k2=v2'.matchAll(/(\w+)=(\w+)/g)) console.log(match[1], match[2], match.index);
console.log('%s has %d beds', 'Fern', 4);
console.log('1,2,,3'.split(',').map(Number), Number(''), Number('12px'), parseInt('12px'), parseFloat('3.5.1'));
