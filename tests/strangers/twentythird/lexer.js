const KEYWORDS = new Set(['let', 'print', 'while', 'end']);
function* tokens(source) {
  const spec = /\s*(?:(\d+(?:\.\d+)?)|([A-Za-z_]\w*)|(==|<=|>=|[-+*\/()=<>]))/gy;
  let match;
  while (spec.lastIndex < source.length && (match = spec.exec(source))) {
    const [, number, word, sign] = match;
    if (number !== undefined) yield { type: 'number', value: parseFloat(number) };
    else if (word) yield { type: KEYWORDS.has(word) ? word : 'name', value: word };
    else yield { type: 'sign', value: sign };
  }
}
class Interpreter {
  constructor() { this.vars = Object.create(null); this.output = []; }
  run(program) {
    this.lines = program.split('\n').map((l) => [...tokens(l.trim())]);
    for (let pc = 0; pc < this.lines.length; pc++) {
      this.toks = this.lines[pc];
      this.at = 0;
      if (!this.toks.length) continue;
      const { type, value } = this.next();
      switch (type) {
        case 'let': {
          const name = this.next().value;
          this.expect('=');
          this.vars[name] = this.expression();
          break;
        }
        case 'print':
          this.output.push(this.expression());
          break;
        case 'while':
          if (!this.expression()) pc = this.matching(pc);
          break;
        case 'end':
          pc = this.opening(pc) - 1;
          break;
        default:
          throw new SyntaxError(`line ${pc + 1}: unexpected ${value}`);
      }
    }
    return this.output;
  }
  next() { return this.toks[this.at++] ?? { type: 'eof' }; }
  peek() { return this.toks[this.at]?.value; }
  expect(sign) { const t = this.next(); if (t.value !== sign) throw new SyntaxError(`expected ${sign}`); }
  matching(pc) { while (this.lines[pc][0]?.type !== 'end') pc++; return pc; }
  opening(pc) { while (this.lines[pc][0]?.type !== 'while') pc--; return pc; }
  expression() {
    let left = this.sum();
    while (['<', '>', '==', '<=', '>='].includes(this.peek())) {
      const op = this.next().value, right = this.sum();
      left = Number({ '<': left < right, '>': left > right, '==': left === right, '<=': left <= right, '>=': left >= right }[op]);
    }
    return left;
  }
  sum() {
    let left = this.product();
    for (let op; (op = this.peek()) === '+' || op === '-'; ) {
      this.next();
      left = op === '+' ? left + this.product() : left - this.product();
    }
    return left;
  }
  product() {
    let left = this.atom();
    while (this.peek() === '*' || this.peek() === '/') {
      left = this.next().value === '*' ? left * this.atom() : left / this.atom();
    }
    return left;
  }
  atom() {
    const t = this.next();
    if (t.type === 'number') return t.value;
    if (t.type === 'name') {
      if (!(t.value in this.vars)) throw new ReferenceError(`${t.value} is not known`);
      return this.vars[t.value];
    }
    if (t.value === '-') return -this.atom();
    if (t.value === '(') { const v = this.expression(); this.expect(')'); return v; }
    throw new SyntaxError(`unexpected ${t.value ?? 'end'}`);
  }
}
const program = `let n = 5
let f = 1
while n > 1
  let f = f * n
  let n = n - 1
end
print f
print (1 + 2) * -3 / 4`;
console.log([...tokens('let a1 = 3.5 <= x')].map((t) => t.type).join(' '));
console.log(new Interpreter().run(program));
for (const bad of ['print y', 'let x 3', 'jump 4', 'print (1']) {
  try { new Interpreter().run(bad); } catch (e) { console.log(e.constructor.name, e.message); }
}
