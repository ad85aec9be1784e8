const STATES = Object.freeze({ IDLE: "idle", RUNNING: "running", DONE: "done" });

class Task {
  static #count = 0;
  #state = STATES.IDLE;
  constructor(name, deps = []) {
    this.id = ++Task.#count;
    this.name = name;
    this.deps = deps;
  }
  get state() { return this.#state; }
  set state(value) {
    if (!Object.values(STATES).includes(value)) throw new TypeError(`bad state: ${value}`);
    this.#state = value;
  }
  static get total() { return Task.#count; }
}

class Scheduler {
  constructor() {
    this.tasks = new Map();
    this.listeners = {};
  }
  on(event, fn) {
    (this.listeners[event] = this.listeners[event] || []).push(fn);
    return this;
  }
  emit(event, ...args) {
    (this.listeners[event] || []).forEach(fn => fn(...args));
  }
  add(task) {
    this.tasks.set(task.name, task);
    return this;
  }
  order() {
    const result = [], visiting = new Set(), visited = new Set();
    const visit = (name, path) => {
      if (visited.has(name)) return;
      if (visiting.has(name)) throw new Error("cycle: " + [...path, name].join(" -> "));
      visiting.add(name);
      for (const d of this.tasks.get(name).deps) visit(d, [...path, name]);
      visiting.delete(name);
      visited.add(name);
      result.push(name);
    };
    for (const name of this.tasks.keys()) visit(name, []);
    return result;
  }
  run() {
    for (const name of this.order()) {
      const task = this.tasks.get(name);
      task.state = STATES.RUNNING;
      this.emit("start", task);
      task.state = STATES.DONE;
      this.emit("done", task, task.id);
    }
  }
}

const s = new Scheduler();
s.on("start", t => console.log("start", t.name)).on("done", (t, id) => console.log("done ", t.name, id, t.state));
s.add(new Task("bake", ["mix", "heat"])).add(new Task("mix", ["shop"])).add(new Task("heat")).add(new Task("shop"));
s.run();
console.log(Task.total, s.order());
s.tasks.get("shop").deps.push("bake");
try {
  s.run();
} catch (e) {
  console.log(e.message);
}
try {
  s.tasks.get("mix").state = "flying";
} catch ({ name, message }) {
  console.log(name, message);
}
