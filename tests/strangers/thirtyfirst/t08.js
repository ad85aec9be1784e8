const prices = { seeds: 2.5, rake: 14, hose: 29.99 };
const cart = [["seeds", 4], ["rake", 1], ["ladder", 1]];

function total(items, { discount = 0, tax = 0.2 } = {}) {
  let sum = 0;
  const unknown = [];
  for (const [name, amount] of items) {
    const price = prices[name];
    if (price === undefined) {
      unknown.push(name);
      continue;
    }
    sum += price * amount;
  }
  sum *= 1 - discount;
  return { net: sum, gross: +(sum * (1 + tax)).toFixed(2), unknown };
}

const bill = total(cart, { discount: 0.1 });
console.log(bill);
console.log(`Gross: ${bill.gross.toLocaleString("en-GB")}, unknown: ${bill.unknown.length ? bill.unknown : "none"}`);
console.log(total([]), total(cart).gross);
const frozen = Object.freeze({ a: 1, nested: { b: 2 } });
frozen.a = 5;
frozen.nested.b = 3;
console.log(frozen, Object.isFrozen(frozen));
const merged = Object.assign({}, prices, { rake: 12, spade: 18 });
console.log(Object.values(merged).reduce((a, b) => a + b));
const swapped = Object.fromEntries(Object.entries(prices).map(([k, v]) => [v, k]));
console.log(swapped["14"], swapped[2.5]);
const sortedByPrice = Object.entries(merged).sort((a, b) => a[1] - b[1]).map(([k]) => k);
console.log(sortedByPrice);
const date = { y: 2024, m: 2, d: 9 };
const iso = [date.y, date.m, date.d].map(n => String(n).padStart(2, "0")).join("-");
console.log(iso, iso.split("-").reverse().join("."));
const isLeap = y => (y % 4 === 0 && y % 100 !== 0) || y % 400 === 0;
console.log([1900, 2000, 2023, 2024].filter(isLeap));
const days = (m, y) => [31, isLeap(y) ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][m - 1];
console.log(Array.from({ length: 12 }, (_, i) => days(i + 1, 2024)).reduce((a, b) => a + b));
console.log(parseInt("12px"), parseFloat("3.14abc"), Number(""), Number("1e3"), (255).toString(16), parseInt("ff", 16), (0.000001234).toString(), 1e21, 123456789012345680000);
console.log([1, [2, [3, [4]]]].flat(Infinity), [..."banana"].lastIndexOf("a"), "banana".split("a"));
console.log(isNaN("abc"), [10, 9, 1].sort(), ["b", undefined, "a"].sort(), [1, 2, 3].includes("2"));
