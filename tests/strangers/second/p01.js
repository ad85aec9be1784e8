// FizzBuzz, several ways
for (let i = 1; i <= 15; i++) {
  let out = '';
  if (i % 3 === 0) out += 'Fizz';
  if (i % 5 === 0) out += 'Buzz';
  console.log(out || i);
}
console.log([...Array(5).keys()].map(i => i * i));
console.log(Array.from({ length: 4 }, (_, i) => 'x'.repeat(i + 1)));
let i = 10;
while (i --> 7) console.log(i);
