'use strict';

/**
 * Inventory of the tool shed.
 */
class Tool {
  #rented = false;
  static count = 0;

  constructor(name, { price = 0, tags = [] } = {}) {
    this.name = name;
    this.price = price;
    this.tags = tags;
    Tool.count++;
  }

  get rented() { return this.#rented; }

  rent() {
    if (this.#rented) throw new Error(`${this.name} is already out`);
    this.#rented = true;
    return this;
  }

  giveBack(days) {
    this.#rented = false;
    return days * this.price;
  }

  toString() {
    return `${this.name}${this.#rented ? ' (out)' : ''}`;
  }
}

class PowerTool extends Tool {
  constructor(name, options) {
    super(name, options);
    this.hours = 0;
  }
  giveBack(days) {
    this.hours += days * 2;
    return super.giveBack(days) + 5;
  }
}

const tools = new Map();
for (const tool of [
  new Tool('rake', { price: 2, tags: ['garden', 'hand'] }),
  new Tool('saw', { price: 3, tags: ['wood', 'hand'] }),
  new PowerTool('drill', { price: 6, tags: ['wood'] }),
  new Tool('bucket'),
]) {
  tools.set(tool.name, tool);
}

const attempt = (label, action) => {
  try {
    const result = action();
    console.log(`${label}: ${result}`);
  } catch (e) {
    console.log(`${label} failed: ${e.message}`);
  }
};

attempt('rent rake', () => tools.get('rake').rent());
attempt('rent rake', () => tools.get('rake').rent());
attempt('rent spade', () => tools.get('spade').rent());
attempt('back rake', () => tools.get('rake').giveBack(3));
attempt('back drill', () => tools.get('drill').giveBack(2));

const byTag = [...tools.values()].reduce((acc, tool) => {
  tool.tags.forEach(tag => (acc[tag] ??= []).push(tool.name));
  return acc;
}, {});
console.log(byTag);
console.log(Object.entries(byTag).map(([tag, names]) => `${tag}=${names.join('+')}`).sort().join('; '));
const [cheapest, ...rest] = [...tools.values()].sort((a, b) => a.price - b.price || a.name.localeCompare(b.name));
console.log(cheapest.name, rest.map(String));
console.log(Tool.count, tools.get('drill') instanceof PowerTool, tools.get('drill') instanceof Tool, tools.get('saw') instanceof PowerTool);
console.log(tools.get('drill').hours, tools.size, [...tools.keys()]);
console.log(tools.get('bucket').rented, 'rented' in tools.get('bucket'), tools.get('bucket').hasOwnProperty('price'));
