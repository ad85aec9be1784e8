const told = [];
function attempt(f, onError) { try { return f(); } catch (err) { onError(err); told.push(err); return err; } }
const r = attempt(() => { throw new RangeError("dry"); }, (e) => console.log(e.name, e.message));
console.log(told.length, r.message, r instanceof RangeError, r instanceof Error);
attempt(() => { throw new TypeError("x"); }, (e) => console.log(e.name, e instanceof TypeError));
attempt(() => { throw "text"; }, (e) => console.log(e));
class Own extends Error { constructor(m, code) { super(m); this.code = code; this.name = "Own"; } }
attempt(() => { throw new Own("mine", 7); }, (e) => console.log(e.name, e.message, e.code, e instanceof Own));
let last;
try { throw new Error("z"); } catch (e) { last = e; }
console.log(last.name);
