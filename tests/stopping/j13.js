let o = null;
console.log(o.a);
