const inventory = new Map();
inventory.set("bean", 12).set("pea", 5);
inventory.set("pea", inventory.get("pea") + 3);
for (const [name, count] of inventory) {
  console.log(`${name}: ${count}`);
}
console.log(inventory.size, inventory.has("leek"), inventory.get("leek"));
const seen = new Set([1, 2, 2, 3]);
seen.add(4);
seen.delete(1);
console.log([...seen], seen.size, seen.has(2));
inventory.forEach((count, name) => console.log(name, count));
console.log([...inventory.keys()], Array.from(inventory.values()));
const unique = [...new Set("mississippi")].join("");
console.log(unique);
