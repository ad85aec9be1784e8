class ValidationError extends Error {
  constructor(field, message, options) {
    super(message, options);
    this.name = 'ValidationError';
    this.field = field;
  }
}
function parse(row) {
  try {
    const o = JSON.parse(row);
    if (!('name' in o)) throw new ValidationError('name', 'name is missing');
    if (typeof o.age !== 'number' || Number.isNaN(o.age)) throw new ValidationError('age', `age is ${o.age}`);
    return o;
  } catch (e) {
    if (e instanceof SyntaxError) throw new ValidationError('row', 'not JSON', { cause: e });
    throw e;
  }
}
for (const row of ['{"name":"Ada","age":11}', '{"age":3}', '{"name":"Bo","age":"x"}', '{oops']) {
  try {
    const { name, age } = parse(row);
    console.log(name, age);
  } catch (e) {
    if (e instanceof ValidationError) console.log(`${e.name} [${e.field}]: ${e.message}`, e.cause ? e.cause.name : '');
    else throw e;
  }
}
console.log(JSON.stringify({ b: [1, { c: undefined, d: null }], f() {}, n: NaN }), JSON.stringify([undefined, 'q"']));
console.log(JSON.stringify({ x: 1, y: [1, 2] }, null, '\t'), JSON.stringify({ a: 1, b: 2, c: 3 }, ['a', 'c']));
