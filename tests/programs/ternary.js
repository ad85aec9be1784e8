for (let bed = 1; bed <= 4; bed++) {
  const plant = bed % 2 === 0 ? "beans" : "peas";
  console.log(`bed ${bed}: ${plant}`);
}
