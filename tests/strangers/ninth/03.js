const inventory = {};
function add(item, qty = 1) {
  if (!inventory[item]) inventory[item] = 0;
  inventory[item] += qty;
}
function remove(item, qty = 1) {
  if (!(item in inventory)) { console.log("no " + item); return; }
  inventory[item] -= qty;
  if (inventory[item] <= 0) delete inventory[item];
}
add("pea", 3); add("bean"); remove("bean"); remove("rose");
console.log(inventory, Object.keys(inventory).length, JSON.stringify(inventory));
for (const [k, v] of Object.entries(inventory)) console.log(k + ": " + v);
