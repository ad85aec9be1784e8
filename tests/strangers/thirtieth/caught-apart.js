class E2 extends Error { constructor(m, code) { super(m); this.name = 'E2'; this.code = code; } }
try { throw new E2('bad', 42); } catch ({ name, message, code }) { console.log(name, message, code); }
try { null.x; } catch ({ message, code: c }) { console.log(message, c); }
try { throw new RangeError('r'); } catch ({ name, message: m }) { console.log(name, m); }
