const rows = [5, 2, 9, 1, 7];
for (let i = 0; i < rows.length; i++) {
  for (let j = 0; j < rows.length - 1 - i; j++) {
    if (rows[j] > rows[j + 1]) {
      const kept = rows[j];
      rows[j] = rows[j + 1];
      rows[j + 1] = kept;
    }
  }
}
console.log(rows.join(" "));
