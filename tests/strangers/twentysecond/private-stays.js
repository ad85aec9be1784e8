class A { #x = 1; y = 2; }
const a = new A(); console.log(a, Object.keys(a), JSON.stringify(a)); const { y, ...r } = a; console.log(r, { ...a }, Object.entries(a)); for (const k in a) console.log(k); console.log(Object.assign({}, a), structuredClone({ q: 1 }), '_x' in a);
