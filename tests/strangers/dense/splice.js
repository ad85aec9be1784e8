const l = [1,2,3,4]; const r = l.splice(1, 2); console.log(r, l, l.splice(0, 1), l);
const x = 3; console.log([1].concat(x), l.concat(x, "a"), l.concat([x]));