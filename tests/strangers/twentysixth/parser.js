// recursive-descent calculator
class Lexer {
  constructor(text) { this.text = text; this.pos = 0; }
  *tokens() {
    while (this.pos < this.text.length) {
      const ch = this.text[this.pos];
      if (/\s/.test(ch)) { this.pos++; continue; }
      if (/[0-9.]/.test(ch)) {
        let start = this.pos;
        while (this.pos < this.text.length && /[0-9.]/.test(this.text[this.pos])) this.pos++;
        yield { type: 'num', value: parseFloat(this.text.slice(start, this.pos)) };
      } else if ('+-*/()^'.includes(ch)) {
        this.pos++;
        yield { type: ch };
      } else {
        throw new SyntaxError(`Unexpected '${ch}' at ${this.pos}`);
      }
    }
    yield { type: 'end' };
  }
}
class Parser {
  constructor(text) { this.toks = [...new Lexer(text).tokens()]; this.i = 0; }
  get cur() { return this.toks[this.i]; }
  eat(type) {
    if (this.cur.type !== type) throw new SyntaxError(`Expected ${type}, got ${this.cur.type}`);
    return this.toks[this.i++];
  }
  parse() { const v = this.expr(); this.eat('end'); return v; }
  expr() {
    let v = this.term();
    while (['+', '-'].includes(this.cur.type)) v = this.eat(this.cur.type).type === '+' ? v + this.term() : v - this.term();
    return v;
  }
  term() {
    let v = this.power();
    while (true) {
      switch (this.cur.type) {
        case '*': this.eat('*'); v *= this.power(); break;
        case '/': {
          this.eat('/');
          const d = this.power();
          if (d === 0) throw new RangeError('Division by zero');
          v /= d;
          break;
        }
        default: return v;
      }
    }
  }
  power() {
    const base = this.unary();
    if (this.cur.type === '^') { this.eat('^'); return base ** this.power(); }
    return base;
  }
  unary() {
    if (this.cur.type === '-') { this.eat('-'); return -this.unary(); }
    if (this.cur.type === '(') { this.eat('('); const v = this.expr(); this.eat(')'); return v; }
    return this.eat('num').value;
  }
}
for (const text of ['1 + 2 * 3', '(1+2)*3', '2^3^2', '-4 + 10 / 4', '1 / 0', '2 *', '3 $ 4', '((7))', '1.5*4']) {
  try {
    console.log(text.padEnd(14), '=', new Parser(text).parse());
  } catch (err) {
    if (err instanceof RangeError) console.log(text.padEnd(14), '!', err.message);
    else if (err instanceof SyntaxError) console.log(text.padEnd(14), '?', err.message);
    else throw err;
  }
}
