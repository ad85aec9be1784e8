const SIZE = 8;
const grid = new Array(SIZE).fill(null).map(() => new Array(SIZE).fill('.'));
function place(x, y, ch) {
  if (x < 0 || y < 0 || x >= SIZE || y >= SIZE) return false;
  grid[y][x] = ch;
  return true;
}
const DIRS = { N: [0, -1], E: [1, 0], S: [0, 1], W: [-1, 0] };
const order = Object.keys(DIRS);
let robot = { x: 2, y: 5, facing: 'N' };
const log = [];
const actions = {
  L: () => { robot.facing = order[(order.indexOf(robot.facing) + 3) % 4]; },
  R: () => { robot.facing = order[(order.indexOf(robot.facing) + 1) % 4]; },
  F() {
    const [dx, dy] = DIRS[robot.facing];
    const { x, y } = robot;
    if (!place(x + dx, y + dy, '#')) { log.push(`edge at ${x},${y}`); return; }
    robot = { ...robot, x: x + dx, y: y + dy };
  },
};
for (const step of 'FFRFFFFFFFRFLLB') {
  if (actions[step]) actions[step]();
  else log.push('unknown ' + step);
}
place(robot.x, robot.y, '@');
console.log(grid.map(row => row.join('')).join('\n'));
console.log(robot, log);
const transpose = m => m[0].map((_, i) => m.map(r => r[i]));
console.log(transpose([[1, 2, 3], [4, 5, 6]]));
const count = grid.flat().filter(c => c !== '.').length;
console.log(count, grid.findIndex(r => r.includes('@')));
let [a, b, [c = 9] = []] = [1, 2];
[a, b] = [b, a];
console.log(a, b, c);
do { a -= 3; } while (a > -5);
console.log(a, Math.abs(a), a || 'zero', a && 'non', !a, !!a, void 0);
const tally = new Map();
for (const ch of 'bananas') tally.set(ch, (tally.get(ch) ?? 0) + 1);
console.log(tally, [...tally].sort((x, y) => y[1] - x[1])[0], new Set('bananas'));
