const beds = [{ name: "a" }, { name: "b", done: false }];
for (const e of beds) { if (!e.done) e.done = true; }
console.log(beds, beds.map(e => e.done), Object.keys(beds[0]));
try { null.x; } catch (e) { e.done = 3; console.log(e.done, e instanceof TypeError); }
const o = { code: 1 }; o.code = 2; console.log(o.code, "code" in o, o);
function f() { try { throw   new   Error ( "x" , { cause : { code : 7 } } ) } catch(err){ return err . cause . code } }
console.log(f())
