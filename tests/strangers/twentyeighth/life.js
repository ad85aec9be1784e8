"use strict";
const board = [];
const N = 6;
for (let i = 0; i < N; i++) {
  board.push([]);
  for (let j = 0; j < N; j++) board[i].push((i + j) % 3 === 0 ? 1 : 0);
}
function neighbours(b, r, c) {
  let n = 0;
  for (let dr = -1; dr <= 1; dr++)
    for (let dc = -1; dc <= 1; dc++) {
      if (!dr && !dc) continue;
      n += b[(r + dr + N) % N]?.[(c + dc + N) % N] ?? 0;
    }
  return n;
}
function step(b) {
  return b.map((row, r) => row.map((cell, c) => {
    const n = neighbours(b, r, c);
    return cell ? +(n === 2 || n === 3) : +(n === 3);
  }));
}
function show(b) {
  return b.map(row => row.map(c => c ? "#" : ".").join("")).join("\n");
}
let world = board, gen = 0;
const seen = new Set();
do {
  seen.add(show(world));
  world = step(world);
  gen++;
} while (!seen.has(show(world)) && gen < 50);
console.log(show(board));
console.log(`after ${gen}:`);
console.log(show(world), world.flat().reduce((a, b) => a + b));
const stack = [], ops = { "+": (a, b) => a + b, "-": (a, b) => a - b, "*": (a, b) => a * b, "/": (a, b) => a / b };
for (const tok of "3 4 + 2 * 7 /".split(" ")) {
  if (tok in ops) {
    const [b, a] = [stack.pop(), stack.pop()];
    stack.push(ops[tok](a, b));
  } else stack.push(parseFloat(tok));
}
console.log(stack, stack.length === 1 ? "ok" : "left over");
outer:
for (let i = 2; ; i++) {
  for (let j = 2; j * j <= i; j++) if (i % j === 0) continue outer;
  if (i > 30) { console.log("first prime over 30:", i); break; }
}
switch (true) {
  case gen > 40: console.log("long"); break;
  case gen > 1:
    console.log("short");
  default:
    console.log("fell through");
}
try {
  undeclared = 5;
} catch (e) {
  console.log(e.name + ": " + e.message);
}
try {
  const k = 1; k = 2;
} catch (e) { console.log(e.name, e.message); }
try { null.foo; } catch (e) { console.log(e.message); }
try { ({}).foo(); } catch (e) { console.log(e.message); }
try { JSON.parse("{bad"); } catch (e) { console.log(e.name); }
try { new Array(-1); } catch (e) { console.log(e.name, e.message); }
console.log((() => { try { return "try"; } finally { console.log("finally"); } })());
