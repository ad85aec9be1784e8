// bank of a garden club, functions only, var and semicolon-free
var balance = 100
var history = []

function deposit(amount) {
  if (typeof amount !== 'number' || isNaN(amount)) {
    console.log('not a number: ' + amount)
    return false
  }
  balance += amount
  history.push({ type: 'deposit', amount: amount, balance: balance })
  return true
}

function withdraw(amount) {
  if (amount > balance) {
    console.log('Insufficient funds! You have $' + balance)
    return false
  } else if (amount <= 0) {
    console.log('Nothing to withdraw')
    return false
  }
  balance = balance - amount
  history.push({ type: 'withdraw', amount, balance })
  return true
}

deposit(50)
withdraw(500)
withdraw(30)
deposit('abc')
deposit(NaN)
for (var i = 0; i < history.length; i++) {
  var entry = history[i]
  console.log(i + ': ' + entry.type + ' ' + entry.amount + ' => ' + entry.balance)
}
for (var prop in history[0]) { console.log(prop, '=', history[0][prop]) }
console.table
var grades = { ann: [90, 85], bo: [70], cy: [] }
for (const who in grades) {
  const list = grades[who]
  const avg = list.length ? list.reduce((s, g) => s + g) / list.length : 0
  console.log(`${who.padEnd(5)}|${'*'.repeat(Math.round(avg / 10))} ${avg}`)
}
function factorial(n) { return n <= 1 ? 1 : n * factorial(n - 1) }
console.log(factorial(10), factorial(20), factorial(25), factorial(170) > 1e300)
function isPalindrome(str) {
  const clean = str.toLowerCase().replace(/[^a-z]/g, '')
  return clean === [...clean].reverse().join('')
}
console.log(isPalindrome('A man, a plan, a canal: Panama'), isPalindrome('nope'))
const vowels = 'programming'.match(/[aeiou]/g)
console.log(vowels, vowels.length, 'programming'.search(/g/), /^\d{3}-\d{4}$/.test('555-1234'))
const date = '2026-11-29'.match(/(\d+)-(\d+)-(\d+)/)
console.log(date[1], date[3], date.index)
console.log('x1y22z'.replace(/\d+/g, (d) => `<${d * 2}>`), 'John Smith'.replace(/(\w+) (\w+)/, '$2, $1'))
const fizz = n => (n % 15 === 0 ? 'FizzBuzz' : n % 5 === 0 ? 'Buzz' : n % 3 === 0 ? 'Fizz' : n)
console.log(Array.from({ length: 15 }, (_, i) => fizz(i + 1)).join(' '))
let n = 27, steps = 0
do { n = n % 2 ? 3 * n + 1 : n / 2; steps++ } while (n !== 1)
console.log(steps)
const matrix = [[1, 2, 3], [4, 5, 6]]
const transposed = matrix[0].map((_, c) => matrix.map(row => row[c]))
console.log(transposed, matrix.map(r => r.join(' ')).join('\n'))
const memo = {}
const fib = n => n in memo ? memo[n] : (memo[n] = n < 2 ? n : fib(n - 1) + fib(n - 2))
console.log(fib(50))
console.log([1, 2, 3, 4].some(x => x > 3), [1, 2].every(Number.isInteger), [5, 6].find(x => x > 5), [5, 6].findIndex(x => x === 7), [1, 2, 3].includes(2), [1, 2, 3, 4, 5].slice(-2), [1, 2, 3, 4, 5].splice(1, 2))
const people = [{ n: 'Z', a: 3 }, { n: 'A', a: 3 }, { n: 'M', a: 1 }]
people.sort((p, q) => p.a - q.a || p.n.localeCompare(q.n))
console.log(people.map(p => p.n + p.a))
console.log(Math.max(...[1, 9, 3]), Math.min(), Math.hypot(3, 4), Math.trunc(-4.7), Math.sign(-3), Math.cbrt(27), Math.round(2.5), Math.round(-2.5))
console.log(new Array(3).fill(0), [..."hi"].map(c => c.charCodeAt(0)), String.fromCharCode(72, 105), (255).toString(16), (5).toString(2).padStart(8, '0'), parseInt('ff', 16), Number('0x1F'), 1e21, 123456789012345680000)
if (balance) console.log('money', balance); else console.log('broke')
