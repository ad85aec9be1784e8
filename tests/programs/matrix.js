const table = [];
for (let row = 0; row < 3; row++) {
  const line = [];
  for (let column = 0; column < 4; column++) line.push(row * column);
  table.push(line);
}
for (const line of table) console.log(line.map((cell) => String(cell).padStart(3)).join(""));
console.log(table[2][3], table.length, table[0].length);
table[1][1] = 9;
console.log(table);
