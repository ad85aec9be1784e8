// Counters and callbacks of the garden gate.
function makeCounter(start = 0) {
  let count = start;
  return function (by = 1) {
    count += by;
    return count;
  };
}
const guests = makeCounter();
const bees = makeCounter(10);
console.log(guests(), guests(2), bees(5), guests());

const heights = [12, -3, 40].map((height) => {
  const doubled = height * 2;
  return doubled < 0 ? 0 : doubled;
});
console.log(heights);

heights.forEach((height, place) => {
  if (height === 0) return;
  console.log(place, height);
});
[3, 1].forEach(function (bed) {
  console.log("bed", bed);
});

function later() {
  const plans = [];
  for (let day = 0; day < 3; day++) {
    const half = day / 2;
    plans.push(() => {
      return `${day} ${half}`;
    });
  }
  let turn = 0;
  while (turn < 2) {
    const seen = turn;
    plans.push(function () { return `turn ${seen}`; });
    turn++;
  }
  return plans.map((plan) => plan());
}
console.log(later());

function spread(width) {
  function tile(n) {
    if (n <= 0) return "";
    return "#" + tile(n - 1);
  }
  const frame = (text) => { return "[" + text + "]"; };
  return frame(tile(width));
}
console.log(spread(4));

const compose = (f, g) => (x) => f(g(x));
const addOne = (x) => x + 1;
function twice(x) { return x * 2; }
console.log(compose(addOne, twice)(5), [1, 2].map(twice), [1, 2, 3, 4].filter((n) => { return n % 2 === 0; }));
const total = [1, 2, 3].reduce((sum, n) => {
  return sum + n;
}, 0);
console.log(total);
const counts = { pear: 1, apple: 2 };
Object.keys(counts).sort().forEach((name) => { console.log(name, counts[name]); });
(function () {
  const hidden = "inside";
  console.log(hidden);
})();
(() => { console.log("arrow"); })();
const signs = { plus: (a, b) => a + b, minus: (a, b) => a - b };
for (const sign of Object.keys(signs)) {
  console.log(sign, signs[sign](7, 3));
}
console.log(signs.plus(1, 2), signs["minus"](3, 1));
