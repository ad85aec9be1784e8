// queue at the tuck shop, with a promise-based kitchen
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

async function cook(order) {
  await sleep(order.time);
  if (order.name === "burnt toast") {
    throw new Error("burnt!");
  }
  return `${order.name} for ${order.who}`;
}

async function serveInTurn(orders) {
  for (const order of orders) {
    try {
      const dish = await cook(order);
      console.log("served:", dish);
    } catch (e) {
      console.log("sorry", order.who, "-", e.message);
    } finally {
      console.log("next");
    }
  }
}

async function serveTogether(orders) {
  const results = await Promise.allSettled(orders.map(cook));
  return results.map((r) => (r.status === "fulfilled" ? r.value : "failed: " + r.reason.message));
}

const orders = [
  { who: "Ada", name: "soup", time: 20 },
  { who: "Bo", name: "burnt toast", time: 5 },
  { who: "Cy", name: "tea", time: 10 },
];

console.log("open");
serveInTurn(orders)
  .then(() => serveTogether(orders))
  .then((all) => {
    all.forEach((line, i) => console.log(i, line));
    return Promise.race(orders.filter((o) => o.who !== "Bo").map(cook));
  })
  .then((first) => console.log("first:", first))
  .catch((e) => console.error("never", e))
  .finally(() => console.log("closed"));
console.log("waiting");
