const prompt = (q) => ({ 'How many?': '7', 'Name?': 'Fay' })[q];
let secret = 42, tries = 0, low = 1, high = 100;
while (true) {
  const guess = Math.floor((low + high) / 2);
  tries++;
  if (guess === secret) { console.log(`found ${guess} in ${tries} tries`); break; }
  else if (guess < secret) low = guess + 1;
  else high = guess - 1;
}
const roman = (n) => {
  const table = [['M', 1000], ['CM', 900], ['D', 500], ['CD', 400], ['C', 100], ['XC', 90], ['L', 50], ['XL', 40], ['X', 10], ['IX', 9], ['V', 5], ['IV', 4], ['I', 1]];
  let out = '';
  for (const [sym, v] of table) while (n >= v) { out += sym; n -= v; }
  return out;
};
console.log([4, 9, 14, 1994, 2026].map(roman));
const toBinary = n => n < 2 ? String(n) : toBinary(Math.floor(n / 2)) + (n % 2);
console.log(toBinary(10), toBinary(255));
let i = 0;
do { process.stdout.write(i + (i < 4 ? ', ' : '\n')); i++; } while (i < 5);
console.log(Number(prompt('How many?')) * 2 + ' ' + prompt('Name?').toUpperCase());
const text = 'The quick brown fox';
console.log(text.replace(/[aeiou]/g, '*'), text.match(/o/g).length, text.split(' ').map(w => w[0].toLowerCase() + w.slice(1).toUpperCase()).join('_'));
console.log(/^\d{3}-\d{4}$/.test('555-1234'), 'a-b-c'.replaceAll('-', '+'), 'abc'.at(-1), [..."héllo"].length);
console.table && console.log('ok');
console.error('to the other stream');
