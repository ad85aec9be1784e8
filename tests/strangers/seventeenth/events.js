class Emitter {
  constructor() { this.handlers = {}; }
  on(event, fn) {
    (this.handlers[event] = this.handlers[event] || []).push(fn);
    return () => { this.handlers[event] = this.handlers[event].filter(f => f !== fn); };
  }
  emit(event, ...args) {
    (this.handlers[event] || []).forEach(fn => fn(...args));
    return this;
  }
}

const log = [];
const gate = new Emitter();
const off = gate.on('open', who => log.push(`opened by ${who}`));
gate.on('open', function (who) { log.push(who.toUpperCase()); });
gate.on('close', () => log.push('closed'));
gate.emit('open', 'juniper').emit('close').emit('ring');
off();
gate.emit('open', 'rowan');
console.log(log);

const compose = (...fns) => x => fns.reduceRight((v, f) => f(v), x);
const curry = f => a => b => f(a, b);
const add = curry((a, b) => a + b);
console.log(compose(add(1), x => x * 2, Math.sqrt)(16));

function* ids(prefix = 'id') {
  let n = 0;
  while (true) yield `${prefix}-${++n}`;
}
const gen = ids('bed');
console.log(gen.next().value, gen.next().value, gen.next().done);

const debounce = (fn, calls) => {
  let count = 0;
  return (...args) => { if (++count % calls === 0) fn(...args); };
};
const third = debounce(console.log, 3);
for (let i = 1; i <= 7; i++) third('tick', i);

const garden = { beds: [{ name: 'A', plants: ['bean', 'pea'] }, { name: 'B' }], owner: { name: 'Ash' } };
const { owner: { name: ownerName }, beds: [{ plants: [firstPlant] }] } = garden;
console.log(ownerName, firstPlant, garden.beds[1].plants?.length ?? 0, garden.shed?.door.colour);
const clone = JSON.parse(JSON.stringify(garden));
clone.beds[0].plants.push('kale');
console.log(garden.beds[0].plants.length, clone.beds[0].plants.length);
console.log(JSON.stringify(garden, null, 2));
console.log(Object.entries({ a: 1, b: 2 }).map(([k, v]) => k + v), 'a' in { a: 1 }, delete clone.owner, clone);
var self = this;
console.log([..."héllo"].length, "abc".split("").reverse().join(""), "a-b-c".replaceAll("-", "+"));
