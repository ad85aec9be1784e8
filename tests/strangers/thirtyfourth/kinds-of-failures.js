class Named extends RangeError { constructor(m) { super(m); this.name = 'Named'; } }
try { throw new Named('x'); } catch (e) { console.log(e instanceof RangeError, e instanceof Named, e instanceof Error, e instanceof TypeError); }
