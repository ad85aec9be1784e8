const error = new Error('Insufficient funds');
try { throw error; } catch (e) { console.log(e.message, e.name); }
function make(msg) { const err = new RangeError(msg); return err; }
try { throw make('too far'); } catch (e) { console.log(e.name + ': ' + e.message, e instanceof RangeError); }
const errors = [new Error('a'), new TypeError('b')];
for (const e of errors) console.log(e.message, e.name, `${e}`);
console.log(error.message);
