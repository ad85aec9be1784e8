// Two boxes of seeds, and what each lacks that the other has.
const mine = ["pea", "bean", "kale", "bean"];
const yours = ["corn", "pea"];
function lacking(box, other) {
  const found = [];
  for (const seed of other) {
    if (!box.includes(seed) && !found.includes(seed)) {
      found.push(seed);
    }
  }
  return found;
}
console.log("I want " + lacking(mine, yours).join(" and "));
console.log("You want " + lacking(yours, mine).join(" and "));
let twice = 0;
for (let i = 0; i < mine.length; i++) {
  if (mine.indexOf(mine[i]) !== i) {
    twice++;
  }
}
console.log(twice);
