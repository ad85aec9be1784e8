const fs = require('fs');
const input = fs.readFileSync(0, 'utf8').trim().split('\n');
const n = parseInt(input[0], 10);
const graph = {};
for (let i = 1; i <= n; i++) {
  const [from, to, cost] = input[i].split(' ');
  (graph[from] ||= []).push({ to, cost: +cost });
  (graph[to] ||= []).push({ to: from, cost: +cost });
}
function dijkstra(start) {
  const dist = Object.fromEntries(Object.keys(graph).map(k => [k, Infinity]));
  const prev = {};
  dist[start] = 0;
  const open = new Set(Object.keys(graph));
  while (open.size) {
    let best = null;
    for (const k of open) if (best === null || dist[k] < dist[best]) best = k;
    open.delete(best);
    for (const { to, cost } of graph[best]) {
      const alt = dist[best] + cost;
      if (alt < dist[to]) { dist[to] = alt; prev[to] = best; }
    }
  }
  return { dist, prev };
}
const { dist, prev } = dijkstra('gate');
for (const k of Object.keys(dist).sort()) {
  const path = [];
  for (let at = k; at !== undefined; at = prev[at]) path.unshift(at);
  console.log(k.padEnd(8) + String(dist[k]).padStart(4) + '  ' + path.join('>'));
}
