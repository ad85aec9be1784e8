const text = "The rain fell on the garden and the garden drank the rain.";
const words = text.toLowerCase().replace(/[.,]/g, "").split(" ");
const counts = {};
for (const w of words) counts[w] = (counts[w] || 0) + 1;
const sorted = Object.entries(counts).sort(([a, n], [b, m]) => m - n || a.localeCompare(b));
for (const [word, n] of sorted.slice(0, 4)) console.log(word.padEnd(8), "#".repeat(n));

const byLength = new Map();
for (const w of new Set(words)) {
  if (!byLength.has(w.length)) byLength.set(w.length, []);
  byLength.get(w.length).push(w);
}
console.log(byLength);
console.log([...byLength.keys()].sort((a, b) => a - b));

const capital = (w) => w[0].toUpperCase() + w.slice(1);
console.log(words.map(capital).join(" "));
const isPalindrome = (s) => {
  const clean = s.toLowerCase().replace(/[^a-z]/g, "");
  return clean === [...clean].reverse().join("");
};
console.log(isPalindrome("Never odd or even"), isPalindrome("garden"));

function caesar(str, shift) {
  let out = "";
  for (let i = 0; i < str.length; i++) {
    let code = str.charCodeAt(i);
    if (code >= 65 && code <= 90) code = ((code - 65 + shift + 26) % 26) + 65;
    else if (code >= 97 && code <= 122) code = ((code - 97 + shift + 26) % 26) + 97;
    out += String.fromCharCode(code);
  }
  return out;
}
const secret = caesar("Meet me at the Pond!", 3);
console.log(secret, caesar(secret, -3));
console.log(text.indexOf("garden"), text.lastIndexOf("garden"), text.includes("frog"), text.at(-1), text.substring(4, 8), text.slice(-5, -1));
console.log("a-b-c".split("-"), "abc".split(""), "  hi ".trim() + "|", "x".concat("y", 1), "pea,bean".replaceAll("e", "3"));
const vowels = text.match(/[aeiou]/gi).length;
console.log(`${vowels} vowels`, "abc" < "abd", "B" < "a", "10" < "9", 10 < 9);
console.log(words.findIndex((w) => w.length > 5), words.indexOf("frog"), [..."héllo"].length, "tree".charAt(10) === "");
const [first, second = "none", ...others] = "one".split(" ");
console.log(first, second, others);
