const text = "Fernhollow garden";
let vowels = 0;
for (const letter of text.toLowerCase()) {
  if ("aeiou".includes(letter)) {
    vowels += 1;
  }
}
console.log(`${vowels} vowels in ${text.length} letters`);
