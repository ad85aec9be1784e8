const inventory = {
  apples: { qty: 10, price: 0.5 },
  pears: { qty: 4, price: 0.75 },
  plums: { qty: 0, price: 0.3 }
};

function addItem(name, qty, price) {
  if (name in inventory) {
    inventory[name].qty += qty;
  } else {
    inventory[name] = { qty, price };
  }
}

function removeItem(name, qty) {
  const item = inventory[name];
  if (!item) throw new Error(`No ${name} here`);
  if (item.qty < qty) {
    throw new RangeError('Only ' + item.qty + ' ' + name + ' left');
  }
  item.qty -= qty;
}

addItem('cherries', 30, 0.1);
addItem('apples', 5);

for (const [name, qty] of [['pears', 2], ['plums', 1], ['kiwis', 1]]) {
  try {
    removeItem(name, qty);
    console.log('removed', qty, name);
  } catch (e) {
    console.log(e.name + ': ' + e.message);
  } finally {
    console.log('--');
  }
}

let total = 0;
for (const key of Object.keys(inventory).sort()) {
  const { qty, price } = inventory[key];
  total += qty * price;
  console.log(key.padEnd(10, '.') + String(qty).padStart(4) + price.toFixed(2).padStart(7));
}
console.log('total', total.toFixed(2));
const sold = Object.entries(inventory).filter(([, v]) => v.qty === 0).map(([k]) => k);
console.log(sold, sold.length ? 'sold out' : 'all there');
delete inventory.plums;
console.log(Object.keys(inventory).length, 'plums' in inventory, inventory.plums?.qty ?? 'none');
console.log(inventory);
