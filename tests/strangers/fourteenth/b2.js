"use strict";
let i, j, result = [];
for (i = 1, j = 10; i < j; i += 2, j--) result.push(i * j);
console.log(result.join(), i, j);
const bubble = function (list) {
  let swapped, n = list.length;
  do {
    swapped = false;
    for (let k = 1; k < n; k++) if (list[k - 1] > list[k]) { [list[k - 1], list[k]] = [list[k], list[k - 1]]; swapped = true; }
    n--;
  } while (swapped);
  return list;
};
console.log(bubble([5, 3, 9, 1, 1, 7]));
let text = 'Fernhollow', vowels = 0;
for (let k = 0; k < text.length; k++) switch (text[k].toLowerCase()) { case 'a': case 'e': case 'i': case 'o': case 'u': vowels++; }
console.log(vowels);
let fib = [0, 1];
while (fib.length < 10) fib.push(fib[fib.length - 1] + fib[fib.length - 2]);
console.log(fib, fib.indexOf(13), fib.slice(-2), fib.includes(4));
let num = 12345, rev = 0;
while (num) { rev = rev * 10 + num % 10; num = Math.floor(num / 10); }
console.log(rev, num);
const plants = [{ name: 'pea', h: 3 }, { name: 'kale', h: 2 }];
plants.push({ name: 'rose', h: 9 });
for (const p of plants) { p.h += 1; }
let tallest = plants[0];
for (let k in plants) if (plants[k].h > tallest.h) tallest = plants[k];
console.log(tallest, plants.length, plants[1]['name'], tallest.missing);
let s = '';
for (let r = 0; r < 3; r++) { for (let c = 0; c < 3; c++) s += (r + c) % 2 ? '#' : '.'; s += '\n'; }
console.log(s);
function power(base, exp = 2) { if (exp === 0) return 1; return base * power(base, exp - 1); }
console.log(power(3), power(2, 8));
let x = 5; x += x++ * 2 + --x; console.log(x);
let y = null ?? 'd', z = 0 || 'e', w = '' && 'f'; console.log(y, z, w);
const bin = n => n < 2 ? String(n) : bin(Math.floor(n / 2)) + n % 2; console.log(bin(37));
let age = 17; console.log(age >= 18 ? 'adult' : age > 12 ? 'teen' : 'child');
console.log([1, 2, 3] + '', [] + [], [1] == 1, '3' * '4', true + 1, [10, 9, 1].sort(), [3, 1, 2].sort((a, b) => b - a));
for (let k = 10; k--;) { if (k < 8) break; console.log(k); }
outer: while (true) { while (true) { break outer; } }
let arr = [1, 2, 3, 4, 5, 6]; arr.splice(1, 2); arr.unshift(0); console.log(arr, arr.shift(), arr.pop(), arr.reverse(), arr.length);
arr.length = 1; console.log(arr); arr[3] = 'x'; console.log(arr.length);
