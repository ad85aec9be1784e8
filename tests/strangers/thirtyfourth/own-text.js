class Named extends RangeError { constructor(m) { super(`named ${m}`); this.name = this.constructor.name; } toString() { return 'N:' + this.message; } }
try { throw new Named('x'); } catch (e) { console.log(e.message, `${e}`, e.name); }
