function add(a, b) { return a + b; }
console.log(add(1));
console.log(add(1, 2, 3));
