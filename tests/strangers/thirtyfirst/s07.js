// String tools
const isPalindrome = str => {
  const clean = str.toLowerCase().replace(/[^a-z0-9]/g, '');
  return clean === [...clean].reverse().join('');
};
const vowels = s => (s.match(/[aeiou]/gi) || []).length;
const capitalize = s => s.split(' ').map(w => w.charAt(0).toUpperCase() + w.slice(1)).join(' ');
const caesar = (s, k) => s.replace(/[a-z]/g, ch => String.fromCharCode((ch.charCodeAt(0) - 97 + k + 26) % 26 + 97));
const anagrams = (a, b) => a.split('').sort().join('') === b.split('').sort().join('');
const camel = s => s.replace(/-(\w)/g, (_, c) => c.toUpperCase());

console.log(isPalindrome("A man, a plan, a canal: Panama"), isPalindrome("moss"));
console.log(vowels("The Quick brown fox"));
console.log(capitalize("the old oak tree"));
const secret = caesar("hello world", 3);
console.log(secret, caesar(secret, -3));
console.log(anagrams("listen", "silent"), camel("background-color-top"));
const counts = {};
for (const ch of "mississippi") counts[ch] = (counts[ch] || 0) + 1;
console.log(counts);
const most = Object.entries(counts).sort(([, a], [, b]) => b - a)[0];
console.log(most);
console.log("2024-05-17".split("-").map(Number), /^\d{4}-\d{2}-\d{2}$/.test("2024-05-17"));
const m = "x=12, y=7".match(/x=(\d+), y=(\d+)/);
console.log(m[1] * m[2], m.index, m.length);
console.log("abc".padStart(5, "*"), "abc".repeat(2), "a-b-c".replaceAll("-", "+"), "  t ".trim().length);
console.log([..."héllo"].length, "abc".at(-1), "abc".codePointAt(1), "b".localeCompare("a"));
console.log(`multi
line`.split("\n"));
console.log("%s is %d years", "Moss", 4, "extra");
