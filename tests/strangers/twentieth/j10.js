function Counter(start) {
  let count = start;
  return {
    inc: () => ++count,
    dec: () => --count,
    reset() {
      count = start;
      return this;
    },
    get value() {
      return count;
    },
  };
}
const c = Counter(5);
c.inc();
c.inc();
c.dec();
console.log(c.value, c.reset().value);

const compose = (...fns) => (x) => fns.reduceRight((v, f) => f(v), x);
console.log(compose((x) => x + 1, (x) => x * 2)(5));

function memoize(fn) {
  const cache = new Map();
  return (n) => {
    if (cache.has(n)) return cache.get(n);
    const result = fn(n);
    cache.set(n, result);
    return result;
  };
}
const fib = memoize((n) => (n < 2 ? n : fib(n - 1) + fib(n - 2)));
console.log(fib(50));

const curry = (a) => (b) => (c) => a + b + c;
console.log(curry(1)(2)(3));

function sumAll(...nums) {
  return nums.reduce((a, b) => a + b, 0);
}
console.log(sumAll(), sumAll(1, 2, 3), sumAll(...[4, 5]));
const person = { name: "Ash", address: { town: "Fernhollow" }, greet() { return `I am ${this.name}`; } };
console.log(person.greet(), person.address?.town, person.pet?.name, person["name"]);
const copy = { ...person, name: "Bryn" };
copy.address.town = "Elsewhere";
console.log(person.address.town, copy.name, "name" in copy, delete copy.name, Object.keys(copy));
for (const key in person) {
  if (typeof person[key] === "function") continue;
  console.log(key, typeof person[key]);
}
const frozen = Object.freeze({ x: 1 });
console.log(Object.isFrozen(frozen), JSON.stringify(person), JSON.parse('{"a":[1,2,{"b":null}]}').a[2].b);
function* countdown(n) {
  while (n > 0) yield n--;
  return "lift off";
}
console.log([...countdown(3)]);
const gen = countdown(1);
console.log(gen.next(), gen.next(), gen.next());
var x = 1;
{
  let x = 2;
  console.log(x);
}
console.log(x, typeof undefinedThing, null ?? "d", 0 || "e", 0 ?? "f", "" && "g");
console.log(["b", "a"].sort(), [10, 9, 1].sort(), [3, 1, 2].reverse(), [1, 2, 3, 4].splice(1, 2), [1, [2, [3]]].flat(Infinity));
switch (typeof x) {
  case "string":
    console.log("s");
    break;
  case "number":
    console.log("n");
  default:
    console.log("fell");
}
