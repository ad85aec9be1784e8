let o = {a: 1};
console.log(o.b);
console.log(o.b.c);
