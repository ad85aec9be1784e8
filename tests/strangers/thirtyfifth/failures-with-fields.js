const e = new Error('no');
e.code = 42;
try { throw e; } catch (x) { console.log(x.code, x.message); }
function fail() { const err = new Error('bad'); err.status = 404; throw err; }
try { fail(); } catch (err) { console.log(err.status, err.message, err.name); }
