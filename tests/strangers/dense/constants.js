const SIZE = 1, LAST = -1;
const beds = [3, 4, 5, 6];
console.log(beds.at(-SIZE), beds.at(LAST), beds.at(SIZE), "abc".at(-SIZE));
beds.fill(0, SIZE, SIZE + 2);
console.log(beds);
const WORD = "héllo";
const [first, ...rest] = WORD;
const other = WORD;
const [, ...more] = other;
console.log(first, rest, more);
function parts([a, ...b]) { return [a, b]; }
console.log(parts("xyz"), parts([1, 2, 3]));
class Bed {
  size = SIZE * 2;
  constructor(name = WORD) { this.name = name; }
}
console.log(new Bed(), new Bed("pea").size);
