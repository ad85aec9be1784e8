const fs = require("fs");
const input = fs.readFileSync(0, "utf8").split("\n");
let pos = 0;
const word = "marigold";
let guessed = [];
let lives = 6;
while (lives > 0) {
  let shown = "";
  for (let c of word) shown += guessed.includes(c) ? c : "_";
  console.log(shown + " (" + lives + ")");
  if (shown == word) { console.log("You win!"); break; }
  const guess = input[pos++].toLowerCase();
  if (guess.length != 1 || guess < "a" || guess > "z") { console.log("One letter please"); continue; }
  if (guessed.indexOf(guess) != -1) { console.log("again?"); continue; }
  guessed.push(guess);
  if (!word.includes(guess)) lives--;
}
if (lives == 0) console.log("You lose, it was " + word);
