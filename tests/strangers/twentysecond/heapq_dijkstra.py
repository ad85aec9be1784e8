import heapq
from typing import Dict, List, Optional, Tuple

Graph = Dict[str, List[Tuple[str, int]]]
INF = float('inf')

def make_graph(edges: List[Tuple[str, str, int]], directed: bool = False) -> Graph:
    g: Graph = {}
    for a, b, w in edges:
        g.setdefault(a, []).append((b, w))
        g.setdefault(b, [])
        if not directed:
            g[b].append((a, w))
    return g

def dijkstra(g: Graph, start: str) -> Tuple[Dict[str, float], Dict[str, Optional[str]]]:
    dist: Dict[str, float] = {v: INF for v in g}
    prev: Dict[str, Optional[str]] = dict.fromkeys(g)
    dist[start] = 0
    heap: List[Tuple[float, str]] = [(0, start)]
    while heap:
        d, u = heapq.heappop(heap)
        if d > dist[u]:
            continue
        for v, w in g[u]:
            nd = d + w
            if nd < dist[v]:
                dist[v] = nd
                prev[v] = u
                heapq.heappush(heap, (nd, v))
    return dist, prev

def path(prev, end):
    out = []
    node = end
    while node is not None:
        out.append(node)
        node = prev[node]
    return out[::-1]

def topo(g):
    seen, order = set(), []
    def visit(n):
        if n in seen:
            return
        seen.add(n)
        for m, _ in g[n]:
            visit(m)
        order.append(n)
    for n in g:
        visit(n)
    return order[::-1]

def components(g):
    left = set(g)
    result = []
    while left:
        stack = [min(left)]
        group = set()
        while stack:
            n = stack.pop()
            if n in group:
                continue
            group |= {n}
            stack += [m for m, _ in g[n] if m not in group]
        left -= group
        result.append(sorted(group))
    return result

edges = [('gate', 'pond', 4), ('gate', 'shed', 2), ('shed', 'pond', 1), ('pond', 'oak', 5), ('shed', 'oak', 8), ('hive', 'well', 3)]
g = make_graph(edges)
dist, prev = dijkstra(g, 'gate')
for k, v in dist.items():
    print(f'{k:5}', 'unreachable' if v == INF else v)
print(' -> '.join(path(prev, 'oak')))
print(topo(make_graph(edges, directed=True)))
print(components(g))
nums = [9, 4, 7, 1, 8]
heapq.heapify(nums)
print(heapq.heappop(nums), heapq.nsmallest(2, nums), heapq.nlargest(2, nums), nums[0])
