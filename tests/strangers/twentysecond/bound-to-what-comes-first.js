function greet(a, b) { return a + ' ' + b; }
const g2 = greet.bind(null, 'hi'); console.log(g2('you'), [1, 2].map(greet.bind(null, 'x')));
const add = (a, b, c) => a + b + c; const a5 = add.bind(undefined, 5, -1); console.log(a5(10), add.bind(null)(1, 2, 3));
