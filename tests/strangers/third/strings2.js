const s = "  The Meadow  ";
console.log(s.trim().toUpperCase(), s.length, s.trim().split("").reverse().join(""));
console.log("a-b-c".replaceAll("-", "+"), "abc".charAt(1), "abc".charCodeAt(0), "x".repeat(3), "5".padStart(3, "0"));
const words = "one two three".split(" ").map(w => w[0].toUpperCase() + w.slice(1));
console.log(words.join(" "));
console.log("level" === [..."level"].reverse().join(""));
console.log("abc" < "abd", "10" == 10, "10" === 10, null ?? "none", undefined?.x);
console.log(parseInt("42px"), parseFloat("3.5"), (255).toString(16), (0.1 + 0.2).toFixed(2));
