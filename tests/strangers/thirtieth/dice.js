// statistics of dice, without chance: a small generator of our own
let seed = 42;
function rnd(max) {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return Math.floor(seed / 65536) % max;
}
var counts = {};
for (var i = 0; i < 600; i++) {
    var roll = (rnd(6) + 1) + (rnd(6) + 1);
    counts[roll] = (counts[roll] || 0) + 1;
}
for (var sum in counts) {
    var bar = '';
    for (var k = 0; k < counts[sum] / 5; k++) bar += '*';
    console.log((sum < 10 ? ' ' : '') + sum + ' ' + bar + ' ' + counts[sum]);
}
var keys = Object.keys(counts).map(Number);
console.log(keys[0] === 2, keys.length, keys.indexOf(7));
var most = keys[0];
for (var j = 1; j < keys.length; j++) if (counts[keys[j]] > counts[most]) most = keys[j];
console.log('most often:', most);
do { var d = rnd(6) + 1; } while (d != 6);
console.log('six at last', d);
console.log(Math.random() < 1, typeof Math.random());
var hex = function (n) { var s = n.toString(16).toUpperCase(); while (s.length < 2) s = '0' + s; return s; };
console.log('#' + [255, 128, 0].map(hex).join(''), hex(10));
var word = 'level', rev = word.split('').reverse().join('');
console.log(word == rev ? 'palindrome' : 'no');
var roman = { M: 1000, CM: 900, D: 500, CD: 400, C: 100, XC: 90, L: 50, XL: 40, X: 10, IX: 9, V: 5, IV: 4, I: 1 };
function toRoman(n) { var r = ''; for (var k in roman) while (n >= roman[k]) { r += k; n -= roman[k]; } return r; }
console.log([4, 9, 14, 1987, 2031].map(toRoman).join(' '));
console.log(new Date(0).getFullYear() >= 1969);
