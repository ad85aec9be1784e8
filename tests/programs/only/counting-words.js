const counts = {};
for (const word of "the pea and the bean and the kale".split(" ")) {
  if (counts[word] === undefined) {
    counts[word] = 0;
  }
  counts[word]++;
}
for (const word of Object.keys(counts).sort()) {
  console.log(word, counts[word]);
}
const more = {};
for (const letter of "hedge") {
  more[letter] = (more[letter] || 0) + 1;
}
console.log(more);
