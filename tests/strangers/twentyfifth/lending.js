'use strict';
// Library of the garden school: lending out tools
class Tool {
  static #count = 0;
  #borrower = null;
  constructor(name, { weight = 1, tags = [] } = {}) {
    this.name = name;
    this.weight = weight;
    this.tags = [...tags];
    this.id = ++Tool.#count;
  }
  get isFree() { return this.#borrower === null; }
  get borrower() { return this.#borrower ?? 'nobody'; }
  lend(to) {
    if (!this.isFree) throw new Error(`${this.name} is already lent to ${this.#borrower}`);
    this.#borrower = to;
    return this;
  }
  giveBack() { this.#borrower = null; return this; }
  toString() { return `#${this.id} ${this.name} (${this.weight} kg)`; }
  static get count() { return Tool.#count; }
}

class PowerTool extends Tool {
  constructor(name, watts, options) {
    super(name, options);
    this.watts = watts;
  }
  lend(to) {
    if (to.length < 4) throw new RangeError('Name too short for a power tool');
    return super.lend(to);
  }
  toString() { return `${super.toString()}, ${this.watts} W`; }
}

const shed = [
  new Tool('spade', { weight: 2.5, tags: ['dig'] }),
  new Tool('rake'),
  new PowerTool('mower', 1200, { weight: 18, tags: ['cut', 'grass'] }),
];

for (const tool of shed) console.log(String(tool), tool.tags.join('/') || '-');
const lendings = [['spade', 'Moss'], ['mower', 'Ivy'], ['mower', 'Clover'], ['spade', 'Reed'], ['hoe', 'Reed']];
lendings.forEach(([what, who], index) => {
  try {
    const tool = shed.find(({ name }) => name === what);
    if (!tool) throw new TypeError(`No ${what} here`);
    tool.lend(who);
    console.log(`${index + 1}. ${who} takes ${tool}`);
  } catch (e) {
    console.log(`${index + 1}. ${e.name}: ${e.message}`);
  } finally {
    if (index === lendings.length - 1) console.log('done');
  }
});
console.log(shed.filter((t) => t.isFree).map((t) => t.name));
console.log(shed.map((t) => t.borrower).join(', '), Tool.count, shed[2] instanceof Tool);
const totalWeight = shed.reduce((sum, { weight }) => sum + weight, 0);
console.log(totalWeight.toFixed(1).padStart(8, '.'));
