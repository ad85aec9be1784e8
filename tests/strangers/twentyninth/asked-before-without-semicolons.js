var total = 1 +
  (total || 10)
var list = [1, 2].map(n => n * 2)
  .concat(total)
console.log(total, list)
function f() {
  if (!seen) {
    var seen = 2
  }
  return seen
}
console.log(f())
var name = pick('a', name)
function pick(a, b) { return a + typeof b }
console.log(name)
