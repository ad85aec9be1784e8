let u, n = null;
console.log({ ...u, a: 1 }, Object.assign({}, u, { b: 2 }));
const f = ({ m } = {}) => ({ ...m, z: 1 });
console.log(f(), f({ m: { y: 2 } }));
