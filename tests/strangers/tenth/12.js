// Shopping list app (console version)
let list = [];
let nextId = 1;

function add(name, quantity = 1, unit) {
  const item = { id: nextId++, name: name, quantity: quantity, unit: unit || "pcs", bought: false };
  list.push(item);
  return item;
}

function find(id) {
  for (let i = 0; i < list.length; i++) {
    if (list[i].id === id) return i;
  }
  return -1;
}

function remove(id) {
  const index = find(id);
  if (index === -1) {
    console.log("No item with id " + id);
    return false;
  }
  list.splice(index, 1);
  return true;
}

function toggle(id) {
  const item = list.find(i => i.id === id);
  if (item) item.bought = !item.bought;
}

function print() {
  if (list.length === 0) {
    console.log("(empty)");
    return;
  }
  list.forEach(function (item, index) {
    const mark = item.bought ? "[x]" : "[ ]";
    console.log(`${index + 1}. ${mark} ${item.quantity} ${item.unit} ${item.name}`);
  });
}

print();
add("leeks", 3);
add("milk", 2, "l");
add("eggs", 12);
toggle(2);
remove(1);
remove(99);
print();
const bought = list.filter(({ bought }) => bought).map(({ name }) => name);
console.log("Bought:", bought.join(", ") || "nothing");
console.log(list.map(i => i.quantity).reduce((a, b) => a + b), list.some(i => i.unit == "l"));
