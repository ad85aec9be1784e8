const factorial = n => n < 2n ? 1n : n * factorial(n - 1n);
console.log(factorial(25n), String(factorial(30n)), `${factorial(20n)}`);
function fact(n) { let r = 1n; for (let i = 1n; i <= n; i++) r *= i; return r; }
console.log(fact(22n).toString(), typeof 5n, 7n / 2n, -7n / 2n, -7n % 3n, 2n ** 100n, 10n ** 20n);
let x = 5n; x++; x += 2n; x--; console.log(x, -x, x > 5, x == 7, x === 7n, 2n < 3, 1n + BigInt(3), [1n, 2n], { a: 1n });
try { console.log(1n + 1); } catch (e) { console.log(e.name, e.message); }
try { BigInt(1.5); } catch (e) { console.log(e.name, e.message); }
try { BigInt('x1'); } catch (e) { console.log(e.name, e.message); }
try { console.log(1n / 0n); } catch (e) { console.log(e.name, e.message); }
try { console.log(Math.max(1n, 2)); } catch (e) { console.log(e.name, e.message); }
console.log(Number(12n) + 1, parseInt('12n'), BigInt('0xff'), (255n).toString(16), BigInt(Number.MAX_SAFE_INTEGER) + 2n, 0n ? 'yes' : 'no', !!1n);
let a = 0n, b = 1n; for (let i = 0; i < 100; i++) [a, b] = [b, a + b];
console.log(a, a.toString().length, [3n, 1n, 2n].sort().join());
const m = new Map([[1n, 'one']]); console.log(m.get(1n), new Set([1n, 1n, 2n]).size, 5n & 3n, 5n | 3n, 1n << 70n, 2n > 1n && 'ok');
const digits = [...(2n ** 64n).toString()].reduce((s, d) => s + Number(d), 0); console.log(digits, 1_000n, BigInt(true));
let n = 10; console.log(n++, ++n, n); for (let i = 0; i < 3; i++) n += i; console.log(n);
const gcd = (p, q) => q === 0n ? p : gcd(q, p % q); console.log(gcd(48n, 36n));
console.log(isNaN(1), 3n * -2n, JSON.stringify({ v: String(4n) }), 'n' + 5n, 5n + 'n', [1n, 2n].includes(2n), 9007199254740993n);
