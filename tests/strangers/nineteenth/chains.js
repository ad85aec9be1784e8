function fetchUser(id) {
  return new Promise((resolve, reject) => {
    setTimeout(() => {
      if (id > 2) {
        reject(new Error('User not found: ' + id));
      } else {
        resolve({ id: id, name: 'user' + id });
      }
    }, 100 * id);
  });
}
fetchUser(1)
  .then(function (user) {
    console.log('Got', user);
    return fetchUser(2);
  })
  .then(user => { console.log(user.name.toUpperCase()); return fetchUser(3); })
  .then(() => console.log('not here'))
  .catch(err => { console.log('Error:', err.message); return 'recovered'; })
  .then(v => console.log(v));
let tick = 0;
const timer = setInterval(() => { tick++; console.log('tick', tick); if (tick === 3) clearInterval(timer); }, 60);
const wait = (s) => new Promise((ok) => setTimeout(ok, s * 1000));
async function countdown(from) { for (let n = from; n > 0; n--) { console.log(n); await wait(0.25); } console.log('Liftoff!'); }
countdown(3);
