import { formatted, numbers, withLetter, withLetterOfC } from "./scrivlet.js";

const ROWS = 3;
const COLS = 4;
const table = numbers(0, ROWS, 1).map((turn) => new Array(COLS).fill(0));

function isPrime(n) {
    if (n < 2) {
        return false;
    }
    let d;
    for (d = 2; d * d <= n; d++) {
        if (n % d === 0) {
            break;
        }
    }
    return d * d > n;
}

function digitSum(n) {
    let s = 0;
    while (n > 0) {
        s += n % 10;
        n = Math.floor(n / 10);
    }
    return s;
}

function reverse(s) {
    let left = 0;
    let right = s.length - 1;
    while (left < right) {
        const t = s[left];
        s = withLetter(s, left, s[right]);
        s = withLetter(s, right, t);
        left += 1;
        right -= 1;
    }
    return s;
}

let r;
let c;
for (r = 0; r < ROWS; r++) {
    for (c = 0; c < COLS; c++) {
        table[r][c] = r * COLS + c;
    }
}
for (r = 0; r < ROWS; r++) {
    let sum = 0;
    for (c = 0; c < COLS; c++) {
        process.stdout.write(formatted(table[r][c], "4"));
        sum += table[r][c];
    }
    process.stdout.write(` = ${sum}\n`);
}
console.log(r, c);
let count = 0;
let n = 1;
while (true) {
    if (isPrime(n)) {
        process.stdout.write(`${n} `);
        count += 1;
    }
    if (count === 8) {
        break;
    }
    n += 1;
}
console.log(`\n${n}`);
console.log(digitSum(98765), reverse("garden"));
let letters = "herbs";
let i = 0;
while (i !== letters.length) {
    letters = withLetterOfC(letters, i, String.fromCharCode(letters[i].charCodeAt(0) - 32));
    i += 1;
}
console.log(letters, i);
let x = 2;
for (i = 0; i < 20; i++) {
    const next = (x + 2 / x) / 2;
    if (Math.abs(next - x) < 1.0e-9) {
        break;
    }
    x = next;
}
console.log(`${x.toFixed(6)} after ${i}`);
let a = 17;
let b = 5;
console.log(Math.floor(a / b), a % b, Math.trunc(-a / b), -a % b, (a / b).toFixed(6));
const q = a++ + ++b;
console.log(`${q}${a}${b}`);
console.log(`${a > b ? "more" : "less"}${a === b}${!a}`);
let u = 3;
u -= 4;
console.log(u);
let f = 1;
for (let k = 1; k <= 20; k++) {
    f *= k;
}
console.log(f);
const h = 2147483647;
console.log(h);
console.log(`${String.fromCharCode("a".charCodeAt(0) + 2)}${"a".charCodeAt(0)}${"a".charCodeAt(0) + 1}`);
let s = "bed";
s += "s";
s = s + "!";
console.log(`${s}${s.length}${s.slice(1, 1 + 2)}${s.indexOf("s")}`);
if (s.indexOf("x") === -1) {
    console.log("none");
}
