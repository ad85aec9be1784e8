// A small calculator: tokens, then precedence by recursion
function tokenize(src) {
  const tokens = [];
  const re = /\s*([0-9]+(?:\.[0-9]+)?|[-+*\/()^])/g;
  let m, last = 0;
  while ((m = re.exec(src)) !== null) {
    if (m.index !== last) throw new SyntaxError("Unexpected '" + src[last] + "' at " + last);
    tokens.push(m[1]);
    last = re.lastIndex;
  }
  if (last < src.trimEnd().length) throw new SyntaxError("Unexpected '" + src[last] + "' at " + last);
  return tokens;
}

function evaluate(src) {
  const t = tokenize(src);
  let pos = 0;
  const peek = () => t[pos];
  const next = () => t[pos++];
  function expr() {
    let v = term();
    while (peek() === '+' || peek() === '-') {
      const op = next();
      const r = term();
      v = op === '+' ? v + r : v - r;
    }
    return v;
  }
  function term() {
    let v = factor();
    while (['*', '/'].includes(peek())) {
      if (next() === '*') v *= factor();
      else {
        const d = factor();
        if (d === 0) throw new Error('Division by zero');
        v /= d;
      }
    }
    return v;
  }
  function factor() {
    const base = unary();
    return peek() === '^' ? (next(), base ** factor()) : base;
  }
  function unary() {
    if (peek() === '-') { next(); return -unary(); }
    if (peek() === '(') {
      next();
      const v = expr();
      if (next() !== ')') throw new SyntaxError('Missing )');
      return v;
    }
    const n = parseFloat(next());
    if (isNaN(n)) throw new SyntaxError('Number expected');
    return n;
  }
  const result = expr();
  if (pos < t.length) throw new SyntaxError(`Extra ${peek()}`);
  return result;
}

for (const s of ['1 + 2 * 3', '(1+2)*3', '2 ^ 3 ^ 2', '-4 + 10 / 4', '7 / 0', '2 * (3', '5 $ 2', '']) {
  try {
    console.log(s.padEnd(12), '=', evaluate(s));
  } catch (err) {
    console.log(s.padEnd(12), '!', err.name, '-', err.message);
  }
}
