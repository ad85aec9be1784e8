let count = 0;
const seen = [];
function visit(name) {
  count += 1;
  seen.push(name);
}
function reset() {
  let count = 100;
  count++;
  return count;
}
visit("pond");
visit("gate");
console.log(count, seen, reset(), count);
if (count === 2) {
  let count = 5;
  const seen = "inside";
  count++;
  console.log(`${count} ${seen}`);
}
for (let count = 7; count < 9; count++) console.log(count);
for (const seen of [1]) {
  console.log(seen);
}
console.log(count, seen.length);
var old = 1;
if (true) {
  var old = 2;
}
console.log(old);
