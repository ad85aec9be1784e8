import heapq
from collections import defaultdict, deque

EDGES = [("gate", "pond", 4), ("gate", "shed", 2), ("shed", "pond", 1), ("pond", "barn", 5),
         ("shed", "barn", 8), ("barn", "hill", 3), ("mill", "weir", 1)]

class Graph:
    def __init__(self, edges=()):
        self.links = defaultdict(dict)
        for a, b, w in edges:
            self.connect(a, b, w)

    def connect(self, a, b, weight=1):
        self.links[a][b] = weight
        self.links[b][a] = weight

    def bfs(self, start):
        seen = {start: 0}
        queue = deque([start])
        while queue:
            node = queue.popleft()
            for other in sorted(self.links[node]):
                if other not in seen:
                    seen[other] = seen[node] + 1
                    queue.append(other)
        return seen

    def dfs(self, node, seen=None):
        seen = seen if seen is not None else []
        seen.append(node)
        for other in sorted(self.links[node]):
            if other not in seen:
                self.dfs(other, seen)
        return seen

    def shortest(self, start, goal):
        heap = [(0, start, [start])]
        done = set()
        while heap:
            cost, node, path = heapq.heappop(heap)
            if node == goal:
                return cost, path
            if node in done:
                continue
            done.add(node)
            for other, w in self.links[node].items():
                if other not in done:
                    heapq.heappush(heap, (cost + w, other, path + [other]))
        return float("inf"), []

    def components(self):
        left = set(self.links)
        parts = []
        while left:
            part = set(self.bfs(min(left)))
            parts.append(sorted(part))
            left -= part
        return parts

g = Graph(EDGES)
print(g.bfs("gate"))
print(" -> ".join(g.dfs("gate")))
print(g.shortest("gate", "hill"))
cost, path = g.shortest("gate", "weir")
print(cost, path, cost == float("inf"))
print(g.components())
degree = sorted(((len(v), k) for k, v in g.links.items()), reverse=True)
print(degree[:3])
indeg = {"plan": [], "dig": ["plan"], "sow": ["dig", "buy"], "buy": ["plan"], "water": ["sow"]}
order = []
while indeg:
    ready = sorted(t for t, needs in indeg.items() if not needs)
    if not ready:
        raise RuntimeError("a circle")
    for t in ready:
        order.append(t)
        del indeg[t]
    for needs in indeg.values():
        needs[:] = [n for n in needs if n not in ready]
print(order)
