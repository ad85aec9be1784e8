const box = (n) => ({ up: () => ++n, get: () => n, add: (k) => (n += k) });
const b = box(3); b.up(); b.add(4); console.log(b.get());
const adders = [1, 2, 3].map((k) => (x) => x + k); console.log(adders.map((f) => f(10)));
const curry = (a) => (b) => (c) => a + b + c; console.log(curry(1)(2)(3));
const once = (f, done = false) => () => done ? "no" : ((done = true), f());
const o = once(() => "yes"); console.log(o(), o());