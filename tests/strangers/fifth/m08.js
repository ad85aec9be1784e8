function divide(a, b) {
  if (b === 0) {
    throw new Error("Cannot divide by zero");
  }
  return a / b;
}
for (const [a, b] of [[6, 3], [1, 0]]) {
  try {
    console.log(divide(a, b));
  } catch (error) {
    console.log("Error: " + error.message);
  } finally {
    console.log("--");
  }
}
const inventory = new Map();
inventory.set("hose", 2);
inventory.set("rake", 5);
inventory.set("hose", inventory.get("hose") + 1);
for (const [item, qty] of inventory) console.log(item, qty);
console.log(inventory.size, inventory.has("spade"), [...inventory.values()].reduce((a, b) => a + b));
const seen = new Set();
for (const x of [3, 1, 3, 2, 1]) { if (seen.has(x)) console.log("dup", x); seen.add(x); }
const stack = [1, 2, 3]; stack.push(4); stack.pop(); console.log(stack, stack[stack.length - 1]);
const q = ["a", "b"]; q.push("c"); console.log(q.shift(), q.length);
let s = ""; for (let i = 1; i <= 4; i++) s += "#".repeat(i) + "\n"; console.log(s);
console.log(isNaN("abc"), Number(""), Number(true), !!"", null || "x", 7 % 3, -7 % 3, 2 ** 8, 9 / 2, Math.floor(9 / 2));
