const marks = "10 9 1 100".split(" ");
console.log(marks.sort(), [...marks].sort((a, b) => a - b), [...marks].sort((a, b) => b - a));
marks.sort((p, q) => p - q);
console.log(marks, ["b", "a"].sort(), ["10", "9", "1"].sort((p, q) => p - q), [10, 9, 1].sort(), [10, 9, 1].sort((a, b) => a - b));
const words = ["pear", "fig"]; words.sort(); console.log(words, words.slice().sort().reverse(), words.map((w) => w.length).sort((a, b) => b - a));
function byNumber(list) { return list.sort((a, b) => a - b); }
console.log(byNumber(["3", "20", "1"]), byNumber([3, 20, 1]));
