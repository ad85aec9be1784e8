let visitors = 0;
const names = [];
function enter(name) {
  visitors += 1;
  names.push(name.toUpperCase());
}
enter("fern");
enter("moss");
console.log(visitors, names.length, names.includes("FERN"), names.indexOf("MOSS"));
const word = "lantern";
console.log(word.slice(0, 3), word[2], word.length > 5 ? "long" : "short");
do {
  visitors -= 1;
} while (visitors > 0);
console.log(visitors);
