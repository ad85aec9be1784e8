const DIRS = { N: [0, -1], E: [1, 0], S: [0, 1], W: [-1, 0] };
const ORDER = Object.keys(DIRS);

class Robot {
  static count = 0;
  #trail = [];
  constructor(name, x = 0, y = 0, dir = 'N') {
    Object.assign(this, { name, x, y, dir });
    this.id = ++Robot.count;
  }
  turn(side) {
    const step = side === 'R' ? 1 : side === 'L' ? -1 : 0;
    this.dir = ORDER[(ORDER.indexOf(this.dir) + step + 4) % 4];
    return this;
  }
  forward(n = 1) {
    const [dx, dy] = DIRS[this.dir];
    for (let i = 0; i < n; i++) {
      this.#trail.push([this.x, this.y]);
      this.x += dx;
      this.y += dy;
    }
    return this;
  }
  run(program) {
    for (const [, cmd, num] of program.matchAll(/([FLR])(\d*)/g)) {
      if (cmd === 'F') this.forward(num ? +num : 1);
      else this.turn(cmd);
    }
    return this;
  }
  get distance() { return Math.abs(this.x) + Math.abs(this.y); }
  get trail() { return [...this.#trail]; }
  toJSON() { return { name: this.name, at: [this.x, this.y] }; }
}

const robots = [new Robot('Rake'), new Robot('Spade', 2, 2, 'E')];
robots[0].run('F3RF2RF');
robots[1].turn('L').forward(2).turn('L').forward();
for (const r of robots) console.log(`${r.id}. ${r.name} at (${r.x}, ${r.y}) facing ${r.dir}, ${r.distance} away`);
console.log(robots[0].trail, robots[0].trail.length);
console.log(JSON.stringify(robots), Robot.count);
const [{ name: first, ...others }, second] = robots;
console.log(first, others, second === robots[1], 'name' in second, second.hasOwnProperty('trail'));
const closest = robots.reduce((a, b) => (a.distance <= b.distance ? a : b));
console.log(closest.name, robots.map(({ distance }) => distance), Math.min(...robots.map(r => r.distance)));
const byDir = robots.reduce((m, r) => ({ ...m, [r.dir]: [...(m[r.dir] ?? []), r.name] }), {});
console.log(byDir);
const frozen = Object.freeze([1, 2]);
try { 'use strict'; frozen.push(3); } catch (e) { console.log(e instanceof TypeError, e.message); }
console.log([...'ab'].map((c, i, all) => c + i + all.length), Array.from(new Map([[1, 'x']])), Object.entries(DIRS).map(([k, [x]]) => k + x).join());
console.log(typeof Robot, Robot.name, robots[0].constructor === Robot, Object.getOwnPropertyNames(robots[0]));
