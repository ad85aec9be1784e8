"use strict";
const prices = { bean: 2.5, pea: 1.75, leek: 3 };
const orders = [
  "2031-05-01;bean:4,pea:2",
  "2031-05-02;leek:1",
  "2031-05-04;bean:1,leek:2,kale:9",
];
const money = amount => amount.toFixed(2).padStart(7);
function parse(line) {
  const [date, list] = line.split(";");
  const match = /^(\d+)-(\d+)-(\d+)$/.exec(date);
  const [, year, month, day] = match;
  const items = list.split(",").map(part => {
    const [name, count] = part.split(":");
    return { name, count: Number(count) };
  });
  return { when: new Date(Number(year), Number(month) - 1, Number(day)), items };
}
let total = 0;
for (const { when, items } of orders.map(parse)) {
  const sum = items.reduce((so, { name, count }) => so + (prices[name] ?? 0) * count, 0);
  total += sum;
  console.log(when.getDate(), when.getMonth() + 1, when.getFullYear(), money(sum));
  const unknown = items.filter(({ name }) => !(name in prices)).map(item => item.name);
  if (unknown.length) console.log("  unknown:", unknown.join());
}
console.log("total".padEnd(10), money(total));
