import heapq
from collections import deque

INF = float("inf")
roads = [("gate","pond",4),("gate","shed",1),("shed","pond",2),("pond","hill",5),("shed","hill",8),("hill","tower",3)]
graph = {}
for a,b,w in roads:
    graph.setdefault(a, {})[b] = w
    graph.setdefault(b, {})[a] = w

def dijkstra(start):
    dist = dict.fromkeys(graph, INF); dist[start] = 0
    prev = {}; heap = [(0, start)]
    while heap:
        d, u = heapq.heappop(heap)
        if d > dist[u]: continue
        for v, w in graph[u].items():
            if (nd := d + w) < dist[v]:
                dist[v], prev[v] = nd, u
                heapq.heappush(heap, (nd, v))
    return dist, prev

def path(prev, to):
    way = [to]
    while way[-1] in prev: way.append(prev[way[-1]])
    return way[::-1]

def bfs(start):
    order, queue, seen = [], deque([start]), {start}
    while queue:
        u = queue.popleft(); order.append(u)
        for v in sorted(graph[u]):
            if v not in seen: seen.add(v); queue.append(v)
    return order

def dfs(u, seen=None):
    if seen is None: seen = []
    seen.append(u)
    for v in sorted(graph[u], reverse=True):
        if v not in seen: dfs(v, seen)
    return seen

def components(edges, n):
    parent = list(range(n))
    def find(x):
        while parent[x] != x:
            parent[x] = parent[parent[x]]
            x = parent[x]
        return x
    for a, b in edges: parent[find(a)] = find(b)
    return len({find(i) for i in range(n)})

dist, prev = dijkstra("gate")
for node in sorted(dist, key=dist.get): print(f"{node:6}{dist[node]:>3}  {' > '.join(path(prev, node))}")
print(bfs("gate")); print(dfs("gate"))
print(components([(0,1),(2,3),(1,2),(4,5)], 8))
def topo(deps):
    done, order = set(), []
    def visit(n, stack=()):
        if n in stack: raise RuntimeError("cycle: " + "->".join(stack + (n,)))
        if n in done: return
        for d in deps.get(n, ()): visit(d, stack + (n,))
        done.add(n); order.append(n)
    for n in deps: visit(n)
    return order
print(topo({"cake":["mix","oven"],"mix":["eggs","flour"],"oven":[]}))
try: topo({"a":["b"],"b":["c"],"c":["a"]})
except RuntimeError as e: print(e)
print(heapq.nsmallest(2, [5,1,4]), heapq.nlargest(2, dist.values()), -INF < min(dist.values()))
