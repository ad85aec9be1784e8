'use strict'
const bank = (function () {
  let accounts = []
  let nextNumber = 1000

  function byNumber (number) {
    return accounts.find(a => a.number === number) || null
  }

  return {
    open (owner, amount) {
      amount = amount || 0
      const account = { number: nextNumber++, owner, amount, history: [] }
      accounts.push(account)
      return account.number
    },
    move (from, to, amount) {
      const a = byNumber(from), b = byNumber(to)
      if (!a || !b) return 'no such account'
      if (a.amount < amount) return `${a.owner} lacks ${amount - a.amount}`
      a.amount -= amount
      b.amount += amount
      ;[a, b].forEach((x, i) => x.history.push((i ? '+' : '-') + amount))
      return true
    },
    report () {
      accounts
        .slice()
        .sort((x, y) => y.amount - x.amount)
        .forEach(({ number, owner, amount, history }) => {
          console.log('%d %s %s [%s]', number, owner, amount.toFixed(2), history.join(' '))
        })
    },
    get size () { return accounts.length }
  }
})()

const ada = bank.open('Ada', 50)
const bo = bank.open('Bo')
console.log(bank.move(ada, bo, 20))
console.log(bank.move(ada, bo, 70))
console.log(bank.move(ada, 9, 1))
bank.report()
console.log(bank.size, bank.accounts)
for (const [i, ch] of [...'héllo'].entries()) if (ch > 'z') console.log(i, ch)
console.log(0.1 + 0.2, (0.1 + 0.2).toFixed(2), 7 % -3, -7 % 3, 2 ** 10, 5 / 0, 0 / 0, 1e21, 123456789 * 1000)
console.log('5' * '2', '5' + 2, '5' - 2, true + 1, [] + [], [1] == 1, null == undefined, NaN === NaN, typeof null)
console.log(parseInt('12px'), Number(''), Number('12px'), +true, !!'0', !!'', [10, 1, 3].sort(), [..."ba"].sort().join(''))
