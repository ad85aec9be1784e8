function pad(n) { return n < 10 ? '0' + n : '' + n; }
function toClock(seconds) {
  const h = Math.floor(seconds / 3600), m = Math.floor(seconds % 3600 / 60), s = seconds % 60;
  return [h, m, s].map(pad).join(':');
}
console.log(toClock(3661), toClock(59), toClock(86399));
const MONTHS = ['Jan', 'Feb', 'Mar'];
const [y, m, d] = '2024-03-07'.split('-').map(Number);
console.log(`${d} ${MONTHS[m - 1]} ${y}`);
let weekday = (d, m, y) => { if (m < 3) { m += 12; y--; } return (d + Math.floor(13 * (m + 1) / 5) + y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400)) % 7; };
console.log(['Sat', 'Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri'][weekday(d, m, y)]);
console.log((1234567.891).toLocaleString('en-US'), (0.000001234).toString(), (255).toString(16).toUpperCase(), (37).toString(2).padStart(8, '0'), parseInt('ff', 16), parseInt('101', 2), Number('12px'), parseInt('12px'), (12.345).toFixed(1), (1e21).toString(), (123.456).toPrecision(4), Number.MAX_SAFE_INTEGER);
const bigs = 2n ** 64n;
console.log(bigs, typeof bigs, Math.round(2.5), Math.round(-2.5), Math.sign(-3), Math.cbrt(27), Math.hypot(3, 4), Math.min(), [3, 1, 2].toSorted?.() ?? 'old');
