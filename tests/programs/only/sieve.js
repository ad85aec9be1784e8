const limit = 60;
const prime = new Array(limit + 1).fill(true);
prime[0] = prime[1] = false;
for (let i = 2; i * i <= limit; i++) {
  if (prime[i]) {
    for (let j = i * i; j <= limit; j += i) prime[j] = false;
  }
}
console.log(prime.map((is, n) => (is ? n : 0)).filter((n) => n > 0));
