const s = "abc";
console.log(s.charAt(9) === "", s.charAt(1), s.charAt(-1) === "", [..."x".charAt(0)]);
let i = 0;
while (s.charAt(i) !== "" && i < 20) { console.log(s.charAt(i)); i++; }
for (let k = 0; k < s.length; k++) { if (s.charAt(k) === "b") console.log(s.charAt(k + 1) + s.charAt(k)); }
function up(word) { return word.charAt(0).toUpperCase() + word.slice(1); }
console.log(up("fern"), up("") === "");
let p = 0;
console.log(s.charAt(p++) + s.charAt(p++));
console.log("hedge".charAt());
