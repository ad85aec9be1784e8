// state machine of a gate, and an event log
const State = Object.freeze({ OPEN: 'open', CLOSED: 'closed', LOCKED: 'locked' });
class Gate {
  constructor(code) { this.state = State.CLOSED; this.code = code; this.log = []; this.tries = 0; }
  _to(state, why) { this.log.push([this.state, state, why]); this.state = state; }
  open() {
    if (this.state === State.LOCKED) throw new GateError('locked', this);
    this._to(State.OPEN, 'open');
  }
  close() { if (this.state !== State.OPEN) return; this._to(State.CLOSED, 'close'); }
  lock() { this.close(); this._to(State.LOCKED, 'lock'); }
  unlock(code) {
    if (code !== this.code) {
      if (++this.tries >= 3) throw new GateError('too many tries', this);
      return false;
    }
    this.tries = 0;
    this._to(State.CLOSED, 'unlock');
    return true;
  }
}
class GateError extends Error {
  constructor(message, gate) {
    super(`Gate: ${message}`);
    this.name = 'GateError';
    this.gate = gate;
  }
}
const g = new Gate('1234');
g.open(); g.lock();
const attempt = (f, ...args) => { try { return f(...args) ?? 'fine'; } catch (e) { if (!(e instanceof GateError)) throw e; return `${e.name}: ${e.message} (${e.gate.state})`; } };
console.log(attempt(() => g.open()));
for (const code of ['0', '1', '2', '1234']) console.log(code, attempt(c => g.unlock(c), code));
console.log(attempt(() => g.open()), g.state);
g.log.forEach(([from, to, why], i) => console.log(`${String(i).padStart(2, '0')} ${from} -> ${to} (${why})`));
console.log(Object.values(State), State.OPEN in State, Object.isFrozen(State));
const handlers = {
  open() { return 'opening'; },
  close: () => 'closing',
  ['lo' + 'ck']: function () { return 'locking'; },
};
for (const name of ['open', 'close', 'lock', 'fly']) console.log(name, handlers[name]?.() ?? 'unknown');
const timers = [];
const later = (what, ms) => timers.push({ what, ms });
later('b', 20); later('a', 10); later('c', 30);
while (timers.length) { timers.sort((p, q) => p.ms - q.ms); const { what } = timers.shift(); console.log('fired', what); }
console.log(g);
