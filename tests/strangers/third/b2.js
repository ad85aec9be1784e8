function makeCounter(start = 0) {
  let count = start;
  return function () {
    count++;
    return count;
  };
}
const next = makeCounter();
console.log(next(), next());
const adders = [];
for (let i = 0; i < 3; i++) {
  adders.push((x) => x + i);
}
console.log(adders.map((f) => f(10)));
const compose = (f, g) => (x) => f(g(x));
const addOne = (x) => x + 1;
const twice = (x) => x * 2;
console.log(compose(addOne, twice)(5));
