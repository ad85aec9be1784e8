// Game of life on a small grid
var rows = 6, cols = 6;
var grid = [];
for (var r = 0; r < rows; r++) {
    grid[r] = [];
    for (var c = 0; c < cols; c++) {
        grid[r][c] = 0;
    }
}
[[0, 1], [1, 2], [2, 0], [2, 1], [2, 2]].forEach(function (cell) {
    grid[cell[0]][cell[1]] = 1;
});

function neighbours(g, r, c) {
    var n = 0;
    for (var i = -1; i <= 1; i++) {
        for (var j = -1; j <= 1; j++) {
            if (i == 0 && j == 0) continue;
            var y = (r + i + rows) % rows;
            var x = (c + j + cols) % cols;
            n += g[y][x];
        }
    }
    return n;
}

function step(g) {
    var next = [];
    for (var r = 0; r < rows; r++) {
        next.push([]);
        for (var c = 0; c < cols; c++) {
            var n = neighbours(g, r, c);
            next[r].push((g[r][c] && (n == 2 || n == 3)) || (!g[r][c] && n == 3) ? 1 : 0);
        }
    }
    return next;
}

function show(g) {
    return g.map(function (row) {
        return row.map(function (v) { return v ? '#' : '.'; }).join('');
    }).join('\n');
}

for (var gen = 0; gen < 4; gen++) {
    console.log('generation ' + gen);
    console.log(show(grid));
    grid = step(grid);
}
var alive = 0;
for (var k in grid) alive += grid[k].reduce(function (a, b) { return a + b; });
console.log(alive);
