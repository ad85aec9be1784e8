const n = 50
const s = Array(n + 1).fill(true)
s[0] = s[1] = false
for (let i = 2; i * i <= n; i++)
  if (s[i]) for (let j = i * i; j <= n; j += i) s[j] = false
console.log(s.map((p, i) => p ? i : -1).filter(i => i >= 0).join(' '))
let f = [1, 1]
while (f.at(-1) < 100) f.push(f.at(-1) + f.at(-2))
console.log(f)
console.log(...f.slice(-3))
