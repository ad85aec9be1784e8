const drawer = { bean: 12, kale: 3 };
drawer.pea = 7;
drawer["bean"] -= 2;
drawer.kale++;
for (const name in drawer) {
  console.log(name, drawer[name]);
}
for (const [name, count] of Object.entries(drawer)) {
  console.log(`${name}: ${count}`);
}
console.log(Object.keys(drawer), Object.values(drawer), "pea" in drawer, drawer.corn);
delete drawer.pea;
console.log(drawer);
const wren = { name: "Wren", age: 12, beds: [1, 2], home: { row: 3 } };
wren.age++;
wren.beds.push(3);
wren.home.row += 1;
console.log(wren.name, wren.beds[2], wren.home.row, wren);
const copy = { ...wren, name: "Finch" };
console.log(copy.name, wren.name);
const numbered = { 3: "c", 1: "a", b: "z" };
console.log(numbered, numbered[3], Object.keys(numbered));
