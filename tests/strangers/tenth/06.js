class Queue {
  constructor() { this.items = []; }
  enqueue(x) { this.items.push(x); }
  dequeue() { return this.items.shift(); }
  get size() { return this.items.length; }
  isEmpty() { return this.size === 0; }
  *[Symbol.iterator]() { yield* this.items; }
}

class Graph {
  constructor() { this.adj = new Map(); }
  addEdge(a, b, w = 1) {
    if (!this.adj.has(a)) this.adj.set(a, []);
    if (!this.adj.has(b)) this.adj.set(b, []);
    this.adj.get(a).push({ to: b, w });
    this.adj.get(b).push({ to: a, w });
  }
  bfs(start) {
    const seen = new Set([start]);
    const q = new Queue();
    q.enqueue(start);
    const order = [];
    while (!q.isEmpty()) {
      const node = q.dequeue();
      order.push(node);
      for (const { to } of this.adj.get(node)) {
        if (!seen.has(to)) {
          seen.add(to);
          q.enqueue(to);
        }
      }
    }
    return order;
  }
  dijkstra(start) {
    const dist = {};
    for (const n of this.adj.keys()) dist[n] = Infinity;
    dist[start] = 0;
    const todo = new Set(this.adj.keys());
    while (todo.size > 0) {
      let best = null;
      for (const n of todo) if (best === null || dist[n] < dist[best]) best = n;
      todo.delete(best);
      for (const { to, w } of this.adj.get(best)) {
        if (dist[best] + w < dist[to]) dist[to] = dist[best] + w;
      }
    }
    return dist;
  }
}

const g = new Graph();
[['gate', 'pond', 4], ['gate', 'shed', 1], ['shed', 'pond', 2], ['pond', 'oak', 5]].forEach(e => g.addEdge(...e));
console.log(g.bfs('gate'));
console.log(g.dijkstra('gate'));
const q = new Queue();
q.enqueue(1); q.enqueue(2);
console.log([...q], q.size);
