const stock = new Map([["rake", 4], ["hose", 0]]);
const wanted = new Set(["rake", "spade", "hose"]);

function order(item, amount = 1) {
  return new Promise((resolve, reject) => {
    setTimeout(() => {
      if (!stock.has(item)) {
        reject(new Error(`unknown item: ${item}`));
      } else if (stock.get(item) < amount) {
        reject(new RangeError(`not enough ${item}`));
      } else {
        stock.set(item, stock.get(item) - amount);
        resolve({ item, amount });
      }
    }, 5);
  });
}

async function main() {
  for (const item of wanted) {
    try {
      const result = await order(item, 2);
      console.log("ordered", result);
    } catch (e) {
      console.log(e.name + ":", e.message);
    }
  }
  const results = await Promise.all([1, 2, 3].map(async n => n * 2));
  console.log(results);
  const settled = await Promise.allSettled([order("rake"), order("hose")]);
  settled.forEach(r => console.log(r.status, r.value ?? r.reason.message));
  console.log([...stock.entries()], stock.size, stock);
  console.log(wanted, [...wanted].filter(w => w.length > 4));
}

main().then(() => console.log("finished")).catch(console.error);
console.log("started");
