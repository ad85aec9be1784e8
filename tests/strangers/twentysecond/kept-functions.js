class Pump {
  running = false;
  toggles = 0;
  toggle = () => {
    this.running = !this.running;
    this.toggles += 1;
    console.log(`pump ${this.running ? 'on' : 'off'}`);
  };
  twice = x => x * 2 + this.toggles;
  add = (a, b = 1) => a + b;
  show() { console.log(this.toggles); }
}
const p = new Pump(), q = new Pump();
[1, 2].forEach(p.toggle);
p.toggle();
const f = q.toggle;
f();
p.show(); q.show();
console.log([1, 2].map(p.twice), p.twice(5), p.add(1), p.add(1, 5));
class Btn { constructor(label) { this.label = label; this.n = 0; } click = () => { this.n++; return this.label + this.n; } }
const b = new Btn('go'); const h = b.click; console.log(h(), h(), b.n);
class C { n = 1; constructor() { this.inc = this.inc.bind(this); } inc() { this.n++; } }
