function counter() {
  let n = 0;
  return { inc: () => ++n, dec: () => --n, value: () => n };
}
const c = counter();
c.inc(); c.inc(); c.dec();
console.log(c.value());
const add = a => b => a + b;
console.log(add(2)(3));
const compose = (f, g) => x => f(g(x));
console.log(compose(x => x + 1, x => x * 10)(4));
