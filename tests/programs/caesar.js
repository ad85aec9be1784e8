const letters = "abcdefghijklmnopqrstuvwxyz";
let secret = "";
for (const letter of "seedbed") {
  const place = letters.indexOf(letter);
  secret += letters[(place + 3) % 26];
}
console.log(secret);
