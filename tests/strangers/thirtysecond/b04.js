// number puzzles
function isPrime(n) {
    if (n < 2) return false;
    for (var i = 2; i * i <= n; i++) {
        if (n % i === 0) return false;
    }
    return true;
}
var primes = [];
for (var n = 1; primes.length < 10; n++) {
    if (isPrime(n)) primes.push(n);
}
console.log('primes: ' + primes);
function factorial(n) { return n <= 1n ? 1n : n * factorial(n - 1n); }
console.log(factorial(25n).toString(), typeof 5n, 7n / 2n);
function digits(n) { return String(n).split('').map(Number); }
console.log(digits(9042).reduce(function (s, d) { return s + d; }, 0));
function isArmstrong(n) {
    var d = digits(n);
    return d.reduce((s, x) => s + x ** d.length, 0) === n;
}
for (var k = 100, found = []; k < 1000; k++) isArmstrong(k) && found.push(k);
console.log(found);
console.log((255).toString(2), parseInt('ff', 16), (0.1 + 0.2).toFixed(10), 0.1 + 0.2);
console.log(Math.max(...[3, 9, 2]), Math.min.apply(null, [3, 9, 2]), Math.hypot(3, 4), Math.trunc(-4.7), Math.sign(-3));
console.log(5 / 0, -5 % 3, 2 ** 10, 7 >> 1, ~7, 5 & 3, 5 | 3, 5 ^ 3, 1e21, 123456789012345680000);
console.log(Number('12px'), parseInt('12px'), parseFloat('3.5.1'), +'', +' 7 ', +[], Number(null), Number(undefined), Number(true));
console.log([10, 9, 1].sort(), ['b', 'a', 'C'].sort(), [1, 2, 3].reverse(), [3, 1, 2].toString());
console.log(isNaN('abc'), [1, [2, [3, [4]]]].flat(Infinity), Array.from({ length: 4 }, (_, i) => i * i));
console.log(Number.MAX_SAFE_INTEGER, Number.EPSILON > 0, (1234.5678).toFixed(1), (25).toString(36), (1e-7).toString());
console.log((12345.678).toLocaleString('en-US'), (0.000001234).toExponential(2), (123.456).toPrecision(4));
