const SIZE = 5;
let robot = { x: 0, y: 0, dir: 0 };
const DIRS = Object.freeze([[0, -1], [1, 0], [0, 1], [-1, 0]]);
const walls = new Set(['1,0', '1,1']);
function step(cmd) {
  if (cmd === 'L') robot.dir = (robot.dir + 3) % 4;
  else if (cmd === 'R') robot.dir = (robot.dir + 1) % 4;
  else if (cmd === 'F') {
    const [dx, dy] = DIRS[robot.dir];
    const nx = robot.x + dx, ny = robot.y + dy;
    if (nx < 0 || ny < 0 || nx >= SIZE || ny >= SIZE || walls.has(`${nx},${ny}`)) {
      console.log('bump at', nx, ny);
      return false;
    }
    robot = { ...robot, x: nx, y: ny };
  } else throw new Error('Unknown command ' + cmd);
  return true;
}
const results = 'RFRFFLFFLF'.split('').map(step);
console.log(robot, results.filter(Boolean).length);
for (let y = 0; y < SIZE; y++) {
  let line = '';
  for (let x = 0; x < SIZE; x++) line += x === robot.x && y === robot.y ? '>' : walls.has(x + ',' + y) ? '#' : '.';
  console.log(line);
}
try { step('Q'); } catch ({ message }) { console.log(message); }
const life = (g) => g.map((row, y) => row.map((cell, x) => {
  let n = 0;
  for (let dy = -1; dy <= 1; dy++) for (let dx = -1; dx <= 1; dx++) if (dx || dy) n += g[y + dy]?.[x + dx] ?? 0;
  return n === 3 || (cell && n === 2) ? 1 : 0;
}));
let g = [[0, 0, 0, 0], [0, 1, 1, 1], [0, 0, 0, 0]];
console.log(life(g).map(r => r.map(c => c ? '█' : '·').join('')).join('\n'));
