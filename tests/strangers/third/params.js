function area({ w, h = 2 }) { return w * h; }
console.log(area({ w: 4 }), area({ w: 4, h: 5 }));
const dist = ([x1, y1], [x2, y2]) => Math.hypot(x2 - x1, y2 - y1);
console.log(dist([0, 0], [3, 4]));
function sum(...ns) { return ns.reduce((a, b) => a + b, 0); }
console.log(sum(1, 2, 3));
let a = 1, b = 2;
[a, b] = [b, a];
console.log(a, b);
