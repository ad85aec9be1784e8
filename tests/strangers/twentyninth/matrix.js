class Matrix {
  constructor(rows, cols, fill = 0) { this.rows = rows; this.cols = cols; this.data = Array.from({ length: rows }, () => Array(cols).fill(fill)); }
  static from(arr) { const m = new Matrix(arr.length, arr[0].length); arr.forEach((row, i) => row.forEach((v, j) => { m.data[i][j] = v; })); return m; }
  multiply(o) {
    if (this.cols !== o.rows) throw new RangeError(`cannot multiply ${this.rows}x${this.cols} by ${o.rows}x${o.cols}`);
    const r = new Matrix(this.rows, o.cols);
    for (let i = 0; i < r.rows; i++) for (let j = 0; j < r.cols; j++) for (let k = 0; k < this.cols; k++) r.data[i][j] += this.data[i][k] * o.data[k][j];
    return r;
  }
  get T() { const t = new Matrix(this.cols, this.rows); this.data.forEach((row, i) => row.forEach((v, j) => (t.data[j][i] = v))); return t; }
  map(f) { return Matrix.from(this.data.map((r, i) => r.map((v, j) => f(v, i, j)))); }
  *[Symbol.iterator]() { for (const row of this.data) yield* row; }
  toString() { return this.data.map(r => r.map(v => String(v).padStart(4)).join('')).join('\n'); }
}
const m = Matrix.from([[1, 2, 3], [4, 5, 6]]);
console.log(String(m)); console.log(`${m.T}`); console.log(m.multiply(m.T).data);
console.log([...m].reduce((a, b) => a + b), Math.max(...m), m.map((v, i, j) => v * (i === j ? 10 : 1)).data);
try { m.multiply(m); } catch (e) { console.log(e.name + ': ' + e.message); }
class Account {
  static nextId = 1; #balance = 0; history = [];
  constructor(owner) { this.owner = owner; this.id = Account.nextId++; }
  deposit(x) { if (x <= 0) throw new Error('Invalid amount'); this.#balance += x; this.history.push({ type: 'deposit', x }); return this; }
  withdraw(x) { if (x > this.#balance) throw new InsufficientFunds(this.#balance, x); this.#balance -= x; this.history.push({ type: 'withdraw', x }); return this; }
  get balance() { return this.#balance; }
}
class InsufficientFunds extends Error {
  constructor(balance, wanted) { super(`Need ${wanted - balance} more`); this.name = 'InsufficientFunds'; this.missing = wanted - balance; }
}
class Savings extends Account {
  constructor(owner, rate) { super(owner); this.rate = rate; }
  addInterest() { return this.deposit(Math.round(this.balance * this.rate * 100) / 100); }
  toString() { return `${this.owner} (#${this.id}): ${this.balance.toFixed(2)}`; }
}
const s = new Savings('Mia', 0.05);
s.deposit(100).withdraw(30).addInterest();
console.log(`${s}`, s.history.length, s instanceof Account, Object.getOwnPropertyNames ? 'ok' : '');
try { s.withdraw(500); } catch (e) { if (e instanceof InsufficientFunds) console.log(e.name, e.message, e.missing); else throw e; }
for (const bad of [-5, 0]) { try { s.deposit(bad); } catch ({ message }) { console.log(message, bad); } finally { console.log('tried', bad); } }
console.log(s);
console.log(new Account('Tom').id, Account.nextId, JSON.stringify(s), Object.keys(s));
