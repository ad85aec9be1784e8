const VALUES = [
  [1000, "M"], [900, "CM"], [500, "D"], [400, "CD"], [100, "C"], [90, "XC"],
  [50, "L"], [40, "XL"], [10, "X"], [9, "IX"], [5, "V"], [4, "IV"], [1, "I"],
];

const toRoman = (number) => {
  if (!Number.isInteger(number) || number <= 0) throw new RangeError("not a positive whole number");
  return VALUES.reduce((text, [value, sign]) => {
    while (number >= value) {
      text += sign;
      number -= value;
    }
    return text;
  }, "");
};

function fromRoman(text) {
  const values = { I: 1, V: 5, X: 10, L: 50, C: 100, D: 500, M: 1000 };
  return [...text].map((sign) => values[sign]).reduce((sum, value, i, all) => sum + (value < all[i + 1] ? -value : value), 0);
}

for (const number of [1, 4, 9, 14, 1994, 2026]) {
  const roman = toRoman(number);
  console.log(number, roman, fromRoman(roman) === number);
}
try {
  toRoman(2.5);
} catch (e) {
  console.log(e.name, e.message, e instanceof RangeError);
}
