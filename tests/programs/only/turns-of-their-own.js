function inside() {
  const list = [];
  let total = 0;
  for (let i = 0; i < 2; i++) {
    let later = i;
    list.push(() => total + i + later);
    later = 100;
  }
  total = 1000;
  return list.map(f => f());
}
console.log(inside());
let sum = 0;
const hs = [];
for (let i = 0; i < 2; i++) {
  hs.push(() => sum + i);
}
sum = 7;
console.log(hs[0](), hs[1]());
let j = 0;
const js = [];
while (j < 2) {
  const kept = j;
  js.push(() => kept);
  j++;
}
console.log(js.map(f => f()));
for (let i = 0; i < 2; i++) {
  js.push(() => i);
}
for (let i = 5; i < 7; i++) {
  js.push(() => i);
}
console.log(js.map(f => f()));
let base = 1;
const made = [1, 2].map(x => () => base + x);
base = 100;
console.log(made[0](), made[1]());
for (const row of [1, 2]) {
  for (const col of [10, 20]) {
    js.push(() => row + col);
  }
}
console.log(js.map(f => f()));
let last = 0;
const ls = [];
for (let i = 0; i < 3; i++) {
  last = i;
  ls.push(() => last);
}
console.log(ls.map(f => f()));
const names = ["fern", "leek"];
const greet = {};
for (const n of names) {
  greet[n] = (word) => `${word}, ${n}!`;
}
console.log(greet["fern"]("Hi"), greet["leek"]("Bye"));
let total2 = 0;
[1, 2, 3].forEach(n => { total2 += n; });
const over = (limit) => [1, 5, 9].filter(n => n > limit);
console.log(total2, over(2));
