// Library of the garden school: borrow and return tools
"use strict";

class Tool {
  static #count = 0;
  #lentTo = null;

  constructor(name, kind = "hand") {
    this.name = name;
    this.kind = kind;
    this.id = ++Tool.#count;
  }

  get isLent() {
    return this.#lentTo !== null;
  }

  lend(who) {
    if (this.isLent) {
      throw new Error(`${this.name} is lent to ${this.#lentTo}`);
    }
    this.#lentTo = who;
  }

  giveBack() {
    const who = this.#lentTo;
    this.#lentTo = null;
    return who;
  }

  toString() {
    return `#${this.id} ${this.name} (${this.kind})${this.isLent ? " - lent to " + this.#lentTo : ""}`;
  }

  static get count() {
    return Tool.#count;
  }
}

class Shed {
  constructor(tools = []) {
    this.tools = new Map();
    tools.forEach((t) => this.add(t));
  }

  add(tool) {
    this.tools.set(tool.name, tool);
    return this;
  }

  *[Symbol.iterator]() {
    yield* this.tools.values();
  }

  find(name) {
    const tool = this.tools.get(name);
    if (tool === undefined) throw new RangeError(`No tool called "${name}"`);
    return tool;
  }

  get free() {
    return [...this].filter((t) => !t.isLent);
  }
}

const shed = new Shed([new Tool("rake"), new Tool("hoe")]);
shed.add(new Tool("mower", "motor")).add(new Tool("shears"));

const orders = [
  ["rake", "Ada"],
  ["mower", "Bo"],
  ["rake", "Cy"],
  ["saw", "Di"],
];

for (const [what, who] of orders) {
  try {
    shed.find(what).lend(who);
    console.log(`${who} has the ${what}`);
  } catch (error) {
    if (error instanceof RangeError) console.log("??", error.message);
    else console.log("!!", error.message);
  }
}

for (const tool of shed) console.log(String(tool));
console.log(shed.free.map(({ name }) => name).join(", "), Tool.count);
console.log(shed.find("rake").giveBack(), shed.free.length);
console.log([...shed].reduce((acc, t) => ({ ...acc, [t.kind]: (acc[t.kind] ?? 0) + 1 }), {}));
