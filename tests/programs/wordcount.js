const note = "water the beans and water the peas";
const counts = {};
for (const word of note.split(" ")) {
  if (word in counts) {
    counts[word]++;
  } else {
    counts[word] = 1;
  }
}
console.log(counts["water"], counts["beans"]);
