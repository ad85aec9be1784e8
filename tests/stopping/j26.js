const f = (a) => a * b;
console.log("x");
console.log(f(2));
