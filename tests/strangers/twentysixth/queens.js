function solve(n) {
  var solutions = [], cols = [];
  function safe(row, col) {
    for (var r = 0; r < row; r++) {
      var c = cols[r];
      if (c === col || Math.abs(c - col) === row - r) return false;
    }
    return true;
  }
  function place(row) {
    if (row === n) { solutions.push(cols.slice()); return; }
    for (var col = 0; col < n; col++) {
      if (safe(row, col)) { cols[row] = col; place(row + 1); }
    }
    cols.length = row;
  }
  place(0);
  return solutions;
}
for (var n = 1; n <= 6; n++) console.log(n + ': ' + solve(n).length);
var s = solve(6)[0];
console.log(s.map(function (c) { return '.'.repeat(c) + 'Q' + '.'.repeat(5 - c); }).join('\n'));
console.log(solve(3).length ? 'yes' : 'no', solve(4).map(x => x.join('')));
