function* primes() {
  const found = [];
  for (let n = 2; ; n++) {
    if (found.every(p => n % p !== 0)) { found.push(n); yield n; }
  }
}
for (const p of primes()) { if (p > 10) break; console.log(p); }
