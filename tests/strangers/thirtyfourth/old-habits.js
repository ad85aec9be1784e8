var words = ["apple", "Banana", "cherry", "date", "elderberry", "fig"];
var i;
for (i = 0; i < words.length; i++) {
    if (words[i].length > 5) continue;
    console.log(i, words[i]);
}
console.log(words.map(function (w) { return w[0].toUpperCase() + w.slice(1).toLowerCase(); }));
var lengths = {};
words.forEach(function (w) {
    var k = w.length;
    lengths[k] = lengths[k] ? lengths[k].concat(w) : [w];
});
console.log(lengths);
console.log(words.sort().toString(), words.slice().sort(function (a, b) { return a.toLowerCase() < b.toLowerCase() ? -1 : 1; }));
var s = "The rain in the garden";
console.log(s.split(" ").length, s.indexOf("rain"), s.lastIndexOf("the"), s.charAt(4), s.charCodeAt(0), s.substring(4, 8), s.substr(-6, 3), s.slice(-6));
console.log(s.replace(/in/g, "IN"), s.search("garden"), s.match(/the/gi), s.toUpperCase().includes("RAIN"), s.startsWith("The"), "ab".repeat(3));
var vowels = 0;
for (var ch of s.toLowerCase()) { if ("aeiou".indexOf(ch) !== -1) vowels++; }
console.log("vowels: " + vowels);
var encoded = s.split("").map(function (c) {
    if (!/[a-z]/i.test(c)) return c;
    var base = c < "a" ? 65 : 97;
    return String.fromCharCode((c.charCodeAt(0) - base + 13) % 26 + base);
}).join("");
console.log(encoded);
do { i--; } while (i > 2);
console.log(i);
var date = "2026-12-02".split("-");
console.log(date.reverse().join("/"), parseInt(date[0], 10) + 1, parseFloat("3.5kg"), Number("12px"), isNaN("x"), +"", +" 12 ");
var a = [5, 25, 100, 1];
console.log(a.sort(), a.sort(function (x, y) { return x - y; }), a.join("-"), a.concat([7], 8), a.length);
a.length = 2; a[4] = 9;
console.log(a, a.indexOf(9), a[3]);
console.log(typeof undefinedThing, typeof a, Array.isArray(a), a instanceof Array, [1, [2, [3]]].toString());
console.log(" pad ".trim() + "|", "a,b,,c".split(","), "abc".split(""), [..."héllo"].length, "z".localeCompare("a"), "x".concat(1, null));
if (a == "5,25,,,9") console.log("equal by text");
console.log(Math.round(-2.5), Math.round(2.5), Math.trunc(-4.7), Math.sign(-3), Math.cbrt(27), Math.max(), Math.hypot(3, 4));
