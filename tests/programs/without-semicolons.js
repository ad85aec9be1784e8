let a = 1
let b = 2
if (a < b) {
  console.log("small")
}
const add = (x, y) => x + y
console.log(add(a, b))
while (a < 3) a++
console.log(a)
let list = [1, 2, 3]
for (const item of list)
  console.log(item)
