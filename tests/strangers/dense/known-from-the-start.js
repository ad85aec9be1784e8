function main() {
  show(2)
  const twice = make(2)
  console.log(twice(4))
  function show(x) { console.log('shown', x) }
  function make(k) { return (x) => { return x * k } }
}
main();
(function () {
  console.log(inner(3))
  function inner(n) { return n < 1 ? 0 : n + inner(n - 1) }
})()
var t = 5, total = 0;
[1, 2].forEach(function (x) {
  var t = x * 2;
  for (var i = 0; i < 2; i++) { var u = t + i; total += u; }
});
console.log(t, total)
const add = (a, b = 2, ...rest) => a + b + rest.length
const apply = (f) => (...given) => f(...given)
console.log(add(1), apply(add)(1, 1, 1))
function check(v) {
  try {
    if (v < 0) throw new RangeError('below')
    if (v > 9) throw new TypeError('above')
    return 'fine'
  } catch (e) {
    if ((e instanceof RangeError)) return 'range ' + e.message
    else if (e instanceof TypeError) console.log('type', e.message)
    else throw e
  }
}
console.log(check(-1), check(10), check(3))
/* a */ let list = [3, 1, 2]; /* b */ list.sort((a, b) => { return b - a; }); // c
/* d
   e */ console.log(list, Array.from(list, (n) => { return n * 10; }))
