var Matrix = function (rows) {
  this.rows = rows;
  this.height = rows.length;
  this.width = rows[0].length;
};
Matrix.identity = function (n) {
  var rows = [];
  for (var i = 0; i < n; i++) {
    rows[i] = [];
    for (var j = 0; j < n; j++) rows[i][j] = i === j ? 1 : 0;
  }
  return new Matrix(rows);
};
Matrix.prototype.times = function (other) {
  var self = this;
  if (typeof other === "number") {
    return new Matrix(this.rows.map(function (row) { return row.map(function (x) { return x * other; }); }));
  }
  if (this.width !== other.height) throw new TypeError("sizes do not fit");
  return new Matrix(this.rows.map(function (row) {
    return other.rows[0].map(function (_, j) {
      return row.reduce(function (sum, x, k) { return sum + x * other.rows[k][j]; }, 0);
    });
  }));
};
Matrix.prototype.transpose = function () {
  var rows = this.rows;
  return new Matrix(rows[0].map(function (_, j) { return rows.map(function (r) { return r[j]; }); }));
};
Matrix.prototype.toString = function () {
  return this.rows.map(function (r) { return "[" + r.join(", ") + "]"; }).join("\n");
};
var a = new Matrix([[1, 2], [3, 4], [5, 6]]);
var b = new Matrix([[1, 0, 2], [0, 1, 2]]);
console.log(a.times(b) + "");
console.log("" + a.transpose());
console.log(String(Matrix.identity(3).times(5)));
try {
  a.times(a);
} catch (e) {
  console.log(e.name + ": " + e.message);
}
console.log(a instanceof Matrix, typeof a, a.hasOwnProperty("rows"), "times" in a);
