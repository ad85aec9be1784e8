function tokenize(source) {
  const tokens = [];
  const pattern = /\s*(?:(\d+(?:\.\d+)?)|([a-z]+)|(.))/gy;
  let match;
  while ((match = pattern.exec(source)) !== null) {
    const [, number, name, sign] = match;
    if (number !== undefined) tokens.push({ type: 'number', value: parseFloat(number) });
    else if (name !== undefined) tokens.push({ type: 'name', value: name });
    else tokens.push({ type: sign });
  }
  tokens.push({ type: 'end' });
  return tokens;
}

class Parser {
  constructor(source, variables = {}) {
    this.tokens = tokenize(source);
    this.variables = variables;
    this.place = 0;
  }
  get token() { return this.tokens[this.place]; }
  accept(type) {
    if (this.token.type !== type) return null;
    return this.tokens[this.place++];
  }
  expect(type) {
    const token = this.accept(type);
    if (!token) throw new SyntaxError(`expected ${type}, found ${this.token.type}`);
    return token;
  }
  expression() {
    let left = this.term();
    for (;;) {
      if (this.accept('+')) left += this.term();
      else if (this.accept('-')) left -= this.term();
      else return left;
    }
  }
  term() {
    let left = this.factor();
    while (true) {
      if (this.accept('*')) left *= this.factor();
      else if (this.accept('/')) {
        const right = this.factor();
        if (right === 0) throw new Error('division by zero');
        left /= right;
      } else break;
    }
    return left;
  }
  factor() {
    if (this.accept('-')) return -this.factor();
    if (this.accept('(')) {
      const value = this.expression();
      this.expect(')');
      return value;
    }
    const name = this.accept('name');
    if (name) {
      if (!(name.value in this.variables)) throw new ReferenceError(`unknown ${name.value}`);
      return this.variables[name.value];
    }
    return this.expect('number').value;
  }
}

const variables = { rows: 12, width: 2.5 };
for (const source of ['1 + 2 * 3', '(1+2)*3', '-rows * width', '8 / (4 - 4)', '2 * (3 + ', 'depth + 1', '7 - 2 - 1']) {
  try {
    const parser = new Parser(source, variables);
    const value = parser.expression();
    parser.expect('end');
    console.log(source.padEnd(15, '.'), value);
  } catch ({ name, message }) {
    console.log(source.padEnd(15, '.'), `${name}: ${message}`);
  }
}
