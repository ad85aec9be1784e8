#!/usr/bin/env node
const program = `
  push 6
  push 7
  mul
  dup
  print
  push 40
  gt
  jz end
  push "big"
  print
label end
  call sq
  halt
label sq
  push 9
  dup
  mul
  print
  ret
  bogus 1
`;

const Op = Object.freeze({ PUSH: 'push', PRINT: 'print' });

function parse(text) {
  const code = [], labels = {};
  text.split(/\r?\n/).map(l => l.replace(/;.*$/, '').trim()).filter(l => l !== '').forEach(line => {
    const m = /^(\w+)(?:\s+(.*))?$/.exec(line);
    const [, op, arg] = m;
    if (op === 'label') labels[arg] = code.length;
    else code.push({ op, arg: arg === undefined ? null : /^-?\d+$/.test(arg) ? parseInt(arg, 10) : arg.replace(/"/g, '') });
  });
  return { code, labels };
}

function run({ code, labels }, limit = 1000) {
  const stack = [], calls = [];
  let pc = 0, steps = 0;
  const pop = () => {
    if (!stack.length) throw new RangeError(`stack empty at ${pc}`);
    return stack.pop();
  };
  const binary = {
    add: (a, b) => a + b, sub: (a, b) => a - b, mul: (a, b) => a * b,
    gt: (a, b) => a > b ? 1 : 0,
  };
  loop:
  while (pc < code.length && steps++ < limit) {
    const { op, arg } = code[pc++];
    switch (op) {
      case Op.PUSH: stack.push(arg); break;
      case Op.PRINT: console.log('>', pop()); break;
      case 'dup': stack.push(stack.at(-1)); break;
      case 'jz': if (pop() === 0) pc = labels[arg]; break;
      case 'jmp': pc = labels[arg]; break;
      case 'call': calls.push(pc); pc = labels[arg]; break;
      case 'ret': pc = calls.pop(); break;
      case 'halt': break loop;
      default:
        if (op in binary) {
          const b = pop(), a = pop();
          stack.push(binary[op](a, b));
        } else throw new SyntaxError(`unknown ${op}`);
    }
  }
  return { steps, stack };
}

const parsed = parse(program);
console.log(parsed.code.length, parsed.labels);
console.log(run(parsed));
for (const bad of ['add', 'bogus', 'push 1\npush 2\nsub\nprint']) {
  try { console.log(run(parse(bad))); }
  catch (e) { console.log(`${e.name}: ${e.message}`); }
}
console.log(parse('push -5').code[0]);
