console.log('1');
setTimeout(() => console.log('timeout 0'), 0);
setTimeout(() => { console.log('timeout 5'); Promise.resolve().then(() => console.log('micro in timeout')); }, 5);
setTimeout(() => console.log('timeout 5b'), 5);
Promise.resolve().then(() => console.log('micro 1')).then(() => console.log('micro 2'));
(async () => { console.log('async start'); await null; console.log('after await'); await new Promise(r => setTimeout(r, 5)); console.log('after 5'); })();
new Promise((res, rej) => { console.log('executor'); res('x'); rej(new Error('ignored')); console.log('still'); }).then(v => console.log('got', v));
async function a() { return 1; }
async function b() { return Promise.resolve(2); }
async function c() { throw new RangeError('bad c'); }
a().then(v => console.log('a', v));
b().then(v => console.log('b', v));
c().catch(e => console.log('c', e.name, e.message)).then(() => console.log('c done'));
Promise.reject('plain').catch(e => console.log('plain:', e));
Promise.race([new Promise(r => setTimeout(() => r('slow'), 20)), new Promise(r => setTimeout(() => r('fast'), 10))]).then(v => console.log('race', v));
Promise.allSettled([a(), c(), 3]).then(rs => rs.forEach(r => console.log(r.status, r.value ?? r.reason.message)));
Promise.all([a(), c()]).then(() => console.log('never')).catch(e => console.log('all failed:', e.message)).finally(() => console.log('finally'));
console.log('end');
