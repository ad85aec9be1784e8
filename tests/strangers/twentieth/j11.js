const graph = {
  gate: { pond: 4, shed: 2 },
  pond: { gate: 4, orchard: 5, shed: 1 },
  shed: { gate: 2, pond: 1, orchard: 8, beds: 10 },
  orchard: { pond: 5, shed: 8, beds: 2 },
  beds: { shed: 10, orchard: 2 },
};

function dijkstra(start) {
  const dist = {};
  const prev = {};
  const todo = new Set(Object.keys(graph));
  todo.forEach((n) => (dist[n] = Infinity));
  dist[start] = 0;
  while (todo.size > 0) {
    let node = null;
    for (const n of todo) {
      if (node === null || dist[n] < dist[node]) node = n;
    }
    todo.delete(node);
    for (const [other, cost] of Object.entries(graph[node])) {
      if (dist[node] + cost < dist[other]) {
        dist[other] = dist[node] + cost;
        prev[other] = node;
      }
    }
  }
  return { dist, prev };
}
const { dist, prev } = dijkstra("gate");
console.log(dist);
function route(goal) {
  const path = [];
  for (let n = goal; n !== undefined; n = prev[n]) path.unshift(n);
  return path;
}
console.log(route("beds").join(" > "));

function bfs(start) {
  const seen = new Set([start]);
  const queue = [start];
  while (queue.length) {
    const node = queue.shift();
    for (const n of Object.keys(graph[node])) {
      if (!seen.has(n)) {
        seen.add(n);
        queue.push(n);
      }
    }
  }
  return [...seen];
}
console.log(bfs("orchard"));
const dfs = (n, seen = []) => {
  if (seen.includes(n)) return seen;
  seen.push(n);
  for (const m in graph[n]) dfs(m, seen);
  return seen;
};
console.log(dfs("gate"));
const perms = (arr) => arr.length <= 1 ? [arr] : arr.flatMap((x, i) => perms([...arr.slice(0, i), ...arr.slice(i + 1)]).map((p) => [x, ...p]));
console.log(perms([1, 2, 3]).map((p) => p.join("")).join(" "));
function quicksort(a) {
  if (a.length < 2) return a;
  const [p, ...r] = a;
  return [...quicksort(r.filter((x) => x < p)), p, ...quicksort(r.filter((x) => x >= p))];
}
console.log(quicksort([5, 3, 8, 1, 9, 2]));
function bubble(arr) {
  const a = arr.slice();
  let swapped;
  do {
    swapped = false;
    for (let i = 0; i < a.length - 1; i++) {
      if (a[i] > a[i + 1]) {
        [a[i], a[i + 1]] = [a[i + 1], a[i]];
        swapped = true;
      }
    }
  } while (swapped);
  return a;
}
console.log(bubble([4, 2, 7]));
const A = new Set([1, 2, 3]), B = new Set([2, 3, 4]);
console.log(new Set([...A].filter((x) => B.has(x))), new Set([...A, ...B]).size, [...A].filter((x) => !B.has(x)));
const today = new Date(2026, 2, 1);
console.log(today.getFullYear(), today.getMonth() + 1, today.getDate(), today.getDay());
