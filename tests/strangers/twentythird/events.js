// A small event emitter, a store and a queue
function createEmitter() {
  const handlers = {};
  return {
    on(event, fn) {
      (handlers[event] ??= []).push(fn);
      return () => { handlers[event] = handlers[event].filter((f) => f !== fn); };
    },
    once(event, fn) {
      const off = this.on(event, (...args) => { off(); fn(...args); });
    },
    emit(event, ...args) {
      for (const fn of handlers[event] || []) fn.apply(null, args);
      return (handlers[event] || []).length;
    },
  };
}
const bus = createEmitter();
const off = bus.on('rain', (mm) => console.log(`It rained ${mm} mm`));
bus.once('rain', (mm, where = 'here') => console.log('first rain', where));
console.log(bus.emit('rain', 5, 'pond'));
console.log(bus.emit('rain', 2));
off();
console.log(bus.emit('rain', 1), bus.emit('snow'));

function createStore(reducer, state) {
  const listeners = new Set();
  return Object.freeze({
    get state() { return state; },
    dispatch(action) {
      state = reducer(state, action);
      listeners.forEach((l) => l(state));
      return action;
    },
    subscribe(l) { listeners.add(l); return () => listeners.delete(l); },
  });
}
const initial = { beds: [], next: 1 };
function reducer(state, { type, ...payload }) {
  switch (type) {
    case 'add':
      return { ...state, beds: [...state.beds, { id: state.next, wet: false, ...payload }], next: state.next + 1 };
    case 'water':
      return { ...state, beds: state.beds.map((b) => (b.id === payload.id ? { ...b, wet: true } : b)) };
    case 'remove': {
      const beds = state.beds.filter(({ id }) => id !== payload.id);
      return { ...state, beds };
    }
    default:
      return state;
  }
}
const store = createStore(reducer, initial);
const stop = store.subscribe(({ beds }) => console.log(beds.map((b) => b.id + b.crop + (b.wet ? '~' : '')).join(' ') || '(empty)'));
store.dispatch({ type: 'add', crop: 'peas' });
store.dispatch({ type: 'add', crop: 'kale', wet: true });
store.dispatch({ type: 'water', id: 1 });
store.dispatch({ type: 'nothing' });
store.dispatch({ type: 'remove', id: 2 });
console.log(stop(), stop());
store.dispatch({ type: 'remove', id: 1 });
console.log(store.state, initial, initial === store.state);
const counter = (() => { let n = 0; return { up: () => ++n, down: () => --n, get value() { return n; } }; })();
counter.up(); counter.up(); counter.down();
console.log(counter.value, typeof counter.up, typeof undefined, typeof null, typeof [], typeof NaN);
const memo = (fn, cache = new Map()) => (n) => cache.has(n) ? cache.get(n) : (cache.set(n, fn(n)), cache.get(n));
const slow = memo((n) => { console.log('working', n); return n * n; });
console.log(slow(4), slow(4));
const curry = (f) => (a) => (b) => f(a, b);
console.log(curry(Math.max)(3)(9), [1, 2, 3].map(curry((a, b) => a * b)(10)));
const pipe = (...fns) => (x) => fns.reduce((v, f) => f(v), x);
console.log(pipe((x) => x + 1, (x) => x * 2, String, (s) => s.padStart(4, '0'))(20));
const debounceLog = [];
setTimeout(() => debounceLog.push('later'), 0);
Promise.resolve('soon').then((v) => debounceLog.push(v)).finally(() => console.log(debounceLog));
console.log(debounceLog);
