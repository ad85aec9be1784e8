const fs = [0, 1, 2].map((i) => () => i);
console.log(fs.map((f) => f()));
const gs = []; for (let i = 0; i < 3; i++) gs.push(() => i); console.log(gs.map((g) => g()));
const hs = [1, 2].map((n) => [3, 4].map((m) => () => n * m)); console.log(hs.flat().map((h) => h()));
const stack = ((items = []) => ({ push: (x) => items.push(x), pop: () => items.pop(), size: () => items.length }))();
stack.push(3); stack.push(4); console.log(stack.pop(), stack.size());
