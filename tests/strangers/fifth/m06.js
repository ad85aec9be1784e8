const text = "She sells sea shells by the sea shore";
const words = text.toLowerCase().split(" ");
const count = {};
words.forEach(function (word) {
  if (count[word]) {
    count[word]++;
  } else {
    count[word] = 1;
  }
});
console.log(count);
let vowels = 0;
for (let i = 0; i < text.length; i++) {
  switch (text[i].toLowerCase()) {
    case "a":
    case "e":
    case "i":
    case "o":
    case "u":
      vowels++;
      break;
  }
}
console.log("vowels", vowels);
let longest = "";
for (const w of words) longest = w.length > longest.length ? w : longest;
console.log(longest, text.indexOf("sea"), text.lastIndexOf("sea"), text.slice(4, 9), text.split("s").length - 1);
console.log(words.map(w => w[0].toUpperCase() + w.substring(1)).join(" "));
const unique = [...new Set(words)];
console.log(unique.length, unique.sort());
console.log("abc".localeCompare("abd"), "a" < "b", "Z" < "a", "10" < "9", 10 < 9);
