// Hangman with a fixed list of guesses
var word = "greenhouse";
var answerArray = [];
for (var i = 0; i < word.length; i++) {
    answerArray[i] = "_";
}
var remainingLetters = word.length;
var guesses = ["e", "x", "house", "", "g", "e", "r", "n", "q", "h", "o", "u", "s", "z"];
var wrong = 0;
var index = 0;
while (remainingLetters > 0 && wrong < 3 && index < guesses.length) {
    console.log(answerArray.join(" "));
    var guess = guesses[index];
    index++;
    if (guess === "") {
        console.log("Empty!");
        break;
    } else if (guess.length !== 1) {
        console.log("Please enter a single letter, not " + guess);
    } else {
        var hits = 0;
        for (var j = 0; j < word.length; j++) {
            if (word[j] === guess && answerArray[j] === "_") {
                answerArray[j] = guess;
                remainingLetters--;
                hits++;
            }
        }
        if (!hits) {
            wrong += 1;
            console.log("No " + guess + ", " + (3 - wrong) + " left");
        }
    }
}
console.log(answerArray.join(" "), remainingLetters, wrong);
var shuffled = word.split("").sort(function (a, b) { return a < b ? -1 : a > b ? 1 : 0; }).join("");
console.log(shuffled, word.charAt(0).toUpperCase() + word.slice(1), word.indexOf("e"), word.lastIndexOf("e"));
var counts = {};
for (var k of word) { counts[k] = counts[k] ? counts[k] + 1 : 1; }
console.log(counts, Object.keys(counts).length);
var vowels = word.match(/[aeiou]/g);
console.log(vowels.length, vowels, word.replace(/[aeiou]/g, "*"));
function pick(words) { return words[Math.floor(0.5 * words.length)]; }
console.log(pick(["a", "b", "c"]), typeof pick, pick.name);
if (typeof prompt === "undefined") console.log("no prompt here");
