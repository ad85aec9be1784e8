const t = 1;
t > 0 && console.log("y");
t < 0 || console.log("z");
t ? console.log("a") : console.log("b");
const list = [];
t === 1 && list.push(3);
console.log(list);
function f(n) {
  n > 2 && console.log("big", n);
  for (let i = 0; i < n; i++) i % 2 ? console.log(i) : list.push(i);
  if (n) n > 1 ? console.log("m") : console.log("o")
  return n > 0 && n < 9;
}
console.log(f(4), list)
let done = false;
t > 0 && list.length > 1 && console.log("both");
