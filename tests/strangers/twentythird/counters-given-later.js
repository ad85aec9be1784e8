let box;
box = ((n = 1) => () => n++)();
box(); box();
console.log(box());
const mk = (n = 1) => () => n++;
let b2; b2 = mk(); b2(); b2(); console.log(b2());
let b3;
{ b3 = mk(5); }
b3(); console.log(b3());
let c = 0; const inc = () => c++; let b4; b4 = inc; b4(); b4(); console.log(b4(), c);
function counter() { let n = 0; return { up: () => ++n }; }
let k; k = counter(); k.up(); console.log(k.up());
let z = ((n) => () => ++n)(4); z(); console.log(z());
