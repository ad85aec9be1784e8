async function f() { return 5; }
async function g() { const x = await f(); return x + 1; }
g().then(v => console.log(v));
