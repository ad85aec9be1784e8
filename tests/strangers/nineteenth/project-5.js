class Queue {
  #items = [];
  enqueue(...xs) { this.#items.push(...xs); return this; }
  dequeue() { if (this.isEmpty) throw new Error('empty'); return this.#items.shift(); }
  get isEmpty() { return this.#items.length === 0; }
  get size() { return this.#items.length; }
  *[Symbol.iterator]() { yield* this.#items; }
  static of(...xs) { const q = new Queue(); q.enqueue(...xs); return q; }
}
const q = Queue.of(1, 2, 3);
console.log(q.dequeue(), q.size, [...q], q.isEmpty);
class Graph {
  constructor() { this.adj = new Map(); }
  edge(a, b, w = 1) { for (const [x, y] of [[a, b], [b, a]]) { if (!this.adj.has(x)) this.adj.set(x, []); this.adj.get(x).push({ to: y, w }); } return this; }
  bfs(start) { const seen = new Set([start]), order = [], queue = [start]; while (queue.length) { const v = queue.shift(); order.push(v); for (const { to } of this.adj.get(v) ?? []) if (!seen.has(to)) { seen.add(to); queue.push(to); } } return order; }
  dfs(v, seen = new Set()) { seen.add(v); for (const { to } of this.adj.get(v)) if (!seen.has(to)) this.dfs(to, seen); return [...seen]; }
  dijkstra(src) {
    const dist = Object.fromEntries([...this.adj.keys()].map(k => [k, Infinity])); dist[src] = 0;
    const todo = new Set(this.adj.keys());
    while (todo.size) {
      let u = null; for (const v of todo) if (u === null || dist[v] < dist[u]) u = v;
      todo.delete(u);
      for (const { to, w } of this.adj.get(u)) dist[to] = Math.min(dist[to], dist[u] + w);
    }
    return dist;
  }
}
const g = new Graph().edge('A', 'B', 4).edge('A', 'C', 1).edge('C', 'B', 2).edge('B', 'D', 5);
console.log(g.bfs('A'), g.dfs('A'), g.dijkstra('A'));
class Shape { constructor(name) { if (new.target === Shape) throw new TypeError('abstract!'); this.name = name; } area() { return 0; } toString() { return `${this.name}(${this.area().toFixed(2)})`; } }
class Circle extends Shape { constructor(r) { super('circle'); this.r = r; } area() { return Math.PI * this.r ** 2; } }
class Rect extends Shape { constructor(w, h) { super('rect'); this.w = w; this.h = h; } area() { return this.w * this.h; } static square(a) { return new Rect(a, a); } }
try { new Shape('x'); } catch (e) { console.log(e.message, e instanceof TypeError); }
const shapes = [new Circle(1), new Rect(2, 3), Rect.square(4)];
console.log(shapes.map(String), `${shapes[0]}`, shapes.sort((a, b) => a.area() - b.area()).map(s => s.name), shapes[0].constructor.name);
class Temp { #c = 0; static from(f) { const t = new Temp(); t.f = f; return t; } get f() { return this.#c * 9 / 5 + 32; } set f(v) { this.#c = (v - 32) * 5 / 9; } get c() { return this.#c; } }
const t = Temp.from(212); console.log(t.c, t.f);
const cache = new Map(); const slow = n => { if (cache.has(n)) return cache.get(n); const v = n < 2 ? n : slow(n - 1) + slow(n - 2); cache.set(n, v); return v; }; console.log(slow(70), cache.size);
const account = (() => { let bal = 0; const log = []; return { deposit(n) { bal += n; log.push(['+', n]); return this; }, withdraw(n) { if (n > bal) throw new RangeError('insufficient'); bal -= n; log.push(['-', n]); return this; }, get balance() { return bal; }, get history() { return log.map(([s, n]) => s + n).join(' '); } }; })();
try { account.deposit(50).withdraw(20).withdraw(100); } catch (e) { console.log(`${e.name}: ${e.message}`); } finally { console.log(account.balance, account.history); }
