class Matrix {
  constructor(rows) { this.rows = rows; }
  static identity(n) { return new Matrix(Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_, j) => +(i === j)))); }
  get size() { return [this.rows.length, this.rows[0].length]; }
  times(other) {
    const [n, m] = this.size, [, p] = other.size;
    const out = [];
    for (let i = 0; i < n; i++) {
      out[i] = [];
      for (let j = 0; j < p; j++) {
        let s = 0;
        for (let k = 0; k < m; k++) s += this.rows[i][k] * other.rows[k][j];
        out[i][j] = s;
      }
    }
    return new Matrix(out);
  }
  equals(o) { return JSON.stringify(this.rows) === JSON.stringify(o.rows); }
  toString() { return this.rows.map(r => r.map(v => String(v).padStart(4)).join('')).join('\n'); }
}
const m = new Matrix([[1, 2], [3, 4]]);
console.log(`${m.times(m)}`);
console.log(m.times(Matrix.identity(2)).equals(m));
console.log(Matrix.identity(3).rows);
console.log(m);
class Temp {
  static #count = 0;
  #c;
  constructor(c) { this.#c = c; Temp.#count += 1; }
  static fromF(f) { return new this((f - 32) * 5 / 9); }
  get f() { return this.#c * 9 / 5 + 32; }
  set f(v) { this.#c = (v - 32) / 1.8; }
  valueOf() { return this.#c; }
  toJSON() { return { celsius: this.#c }; }
  static get count() { return Temp.#count; }
}
const t = Temp.fromF(212), u = new Temp(20);
u.f = 50;
console.log(t + u, t > u, JSON.stringify([t, u]), Temp.count, u.f);
const binarySearch = (arr, x, lo = 0, hi = arr.length - 1) => {
  if (lo > hi) return -1;
  const mid = (lo + hi) >>> 1;
  return arr[mid] === x ? mid : arr[mid] < x ? binarySearch(arr, x, mid + 1, hi) : binarySearch(arr, x, lo, mid - 1);
};
console.log(binarySearch([1, 4, 6, 9, 12], 9), binarySearch([1, 4], 3));
function bubble(list) { const a = [...list]; let swapped; do { swapped = false; for (let i = 0; i + 1 < a.length; i++) if (a[i] > a[i + 1]) { [a[i], a[i + 1]] = [a[i + 1], a[i]]; swapped = true; } } while (swapped); return a; }
console.log(bubble([5, 1, 4, 2, 8]));
const quick = ([p, ...r]) => p === undefined ? [] : [...quick(r.filter(x => x < p)), p, ...quick(r.filter(x => x >= p))];
console.log(quick([3, 6, 1, 8, 2, 9, 2]));
console.log([..."hello"].map((c, i, { length }) => `${i}/${length}${c}`).join(), Object.freeze([1]).length, Object.fromEntries([['a', 1]]));
