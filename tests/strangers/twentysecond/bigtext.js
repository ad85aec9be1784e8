const text = `The old oak, the quick fox; and the slow, slow snail.
An oak is an oak -- "quercus" -- isn't it?`;
const words = text.toLowerCase().match(/[a-z']+/g);
const freq = {};
for (const w of words) freq[w] = (freq[w] ?? 0) + 1;
const top = Object.entries(freq).sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1)).slice(0, 4);
top.forEach(([w, n]) => console.log(`${w.padEnd(8, '.')}${'*'.repeat(n)} ${n}`));
console.log(words.length, new Set(words).size, [...new Set(words.map(w => w[0]))].sort().join(''));
const caesar = (s, k) => s.replace(/[a-z]/gi, c => {
  const base = c <= 'Z' ? 65 : 97;
  return String.fromCharCode((c.charCodeAt(0) - base + k + 26) % 26 + base);
});
const secret = caesar('Meet at the Pond, 9pm!', 3);
console.log(secret, '|', caesar(secret, -3));
const isPalindrome = s => { const t = s.toLowerCase().replace(/[^a-z0-9]/g, ''); return t === [...t].reverse().join(''); };
console.log(['Never odd or even', 'garden', 'Was it a car or a cat I saw?'].map(isPalindrome));
console.log('a-b_c d'.split(/[-_ ]/), 'one,two;three'.split(/,|;/).length, 'camelCaseName'.replace(/([A-Z])/g, ' $1').toLowerCase(), 'snake_case_name'.replace(/_(\w)/g, (_, c) => c.toUpperCase()));
const date = '2026-11-30';
const { groups: { year, month, day } } = /(?<year>\d{4})-(?<month>\d\d)-(?<day>\d\d)/.exec(date);
console.log(`${day}/${month}/${year}`, Number(month) + 1);
for (const m of 'x1 y22 z333'.matchAll(/([a-z])(\d+)/g)) console.log(m[1], m[2].length, m.index);
console.log('abc'.at(-1), 'abcdef'.substring(4, 1), 'abcdef'.slice(-3, -1), 'abcdef'.substr(1, 2), 'aXbX'.replaceAll('X', '-'), 'abc'.codePointAt(1), 'é'.normalize('NFD').length);
console.log('  pad '.trimStart() + '|', 'x'.concat(1, null), 'b' > 'a', 'Z' < 'a', '10' < '9', 10 < '9', '5' * '2', '5' + 2, 5 + +'2', [] + [], [1, 2] + '', null + 1, undefined + 1, true + true);
console.log(parseInt('42px'), parseFloat('3.14abc'), Number(''), Number('4 2'), Number(null), +true, (255).toString(16), (5.5).toString(2), parseInt('ff', 16), (1234.5678).toFixed(1), (0.000001234).toString(), (1e21).toString(), 0.1 + 0.2, (25).toString(36), (1234.5).toPrecision(3), Number.MAX_SAFE_INTEGER, -7 % 3, 7 / 0, -1 / 0, 0 / 0, 2 ** 10, 7 >> 1, -1 >>> 28, ~~-3.7, Math.round(-2.5), Math.trunc(-4.7), Math.sign(-3), Math.hypot(3, 4), Math.cbrt(27));
console.log([1, 2, 3].includes(2), [NaN].includes(NaN), [NaN].indexOf(NaN), [3, 2, 1].toString(), [1, , 3].length, [..."ab"].entries().next().value, Array.isArray({}), [1, 2, 3, 4, 5].copyWithin(0, 3), new Array(3).fill().map((_, i) => i), [5, 1, 4].toSorted(), [1, 2, 3].with(1, 9), ['a', 'b'].keys().next(), [1, 2, 3].lastIndexOf(3), [[1, 'a'], [2, 'b']].map(([n, s]) => s + n));
console.log(typeof null, typeof undefined, typeof (() => 1), typeof NaN, typeof 'x', typeof [], typeof class {}, void 0, null ?? 'd', 0 || 'e', 0 ?? 'f', '' && 'g', !!'0', null == undefined, null === undefined, NaN === NaN, '1' == 1, [1] == 1);
