class Node {
  constructor(value, next = null) { this.value = value; this.next = next; }
}
class LinkedList {
  constructor(iterable = []) { this.head = null; this.length = 0; for (const x of iterable) this.append(x); }
  append(value) {
    const node = new Node(value);
    if (!this.head) this.head = node;
    else { let cur = this.head; while (cur.next) cur = cur.next; cur.next = node; }
    this.length++;
    return this;
  }
  remove(value) {
    let prev = null, cur = this.head;
    while (cur && cur.value !== value) [prev, cur] = [cur, cur.next];
    if (!cur) return false;
    if (prev) prev.next = cur.next; else this.head = cur.next;
    this.length--;
    return true;
  }
  reverse() {
    let prev = null;
    for (let cur = this.head; cur;) { const next = cur.next; cur.next = prev; prev = cur; cur = next; }
    this.head = prev;
  }
  *[Symbol.iterator]() { for (let n = this.head; n; n = n.next) yield n.value; }
  toString() { return [...this].join(' -> ') || '(empty)'; }
}
const list = new LinkedList([3, 1, 4]);
list.append(1).append(5);
console.log(`${list}`, list.length);
console.log(list.remove(4), list.remove(9), `${list}`);
list.reverse();
console.log([...list], Math.min(...list));
for (const v of list) if (v > 2) console.log(v);
class Graph {
  #edges = new Map();
  addEdge(a, b) { for (const [x, y] of [[a, b], [b, a]]) { if (!this.#edges.has(x)) this.#edges.set(x, new Set()); this.#edges.get(x).add(y); } }
  bfs(start, goal) {
    const queue = [[start]], seen = new Set([start]);
    while (queue.length) {
      const path = queue.shift();
      const last = path[path.length - 1];
      if (last === goal) return path;
      for (const n of this.#edges.get(last) ?? []) if (!seen.has(n)) { seen.add(n); queue.push([...path, n]); }
    }
    return null;
  }
  get size() { return this.#edges.size; }
}
const g = new Graph();
[['gate', 'path'], ['path', 'pond'], ['path', 'shed'], ['shed', 'beds'], ['pond', 'beds'], ['beds', 'hives']].forEach((e) => g.addEdge(...e));
console.log(g.bfs('gate', 'hives'), g.bfs('gate', 'moon'), g.size);
console.log(new LinkedList() + '', list);
