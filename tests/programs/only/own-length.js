class S { constructor() { this.length = 0; } add() { this.length++; return this; } less() { --this.length; this.length -= 1; this.length += 5; } }
const s = new S(); s.add(); console.log(s.length, [1,2].length); s.less(); console.log(s.length, s);
const o = { a: 1 }; console.log(o.length, Object.keys(o).length, { length: 4 }.length);
function size(x) { return x.length; } console.log(size(s), size([1]), size('ab'));
class Q { constructor() { this.items = []; } get length() { return this.items.length; } } console.log(new Q().length);
const m = new Map([[1, 2]]); console.log(m.length, m.size);
