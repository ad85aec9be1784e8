outer: for (let p = 2; p < 30; p++) {
  for (let q = 2; q * q <= p; q++) if (p % q === 0) continue outer;
  if (p > 20) { console.log("first", p); break outer; }
}
