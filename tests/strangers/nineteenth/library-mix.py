import sys
import math
import random
from collections import defaultdict, Counter, deque, namedtuple

Edge = namedtuple("Edge", ["to", "cost"])
graph = defaultdict(list)
for a, b, c in [("A", "B", 4), ("A", "C", 1), ("C", "B", 2), ("B", "D", 5), ("C", "D", 8)]:
    graph[a].append(Edge(b, c))
    graph[b].append(Edge(to=a, cost=c))

def dijkstra(start):
    import heapq
    dist = {v: math.inf for v in graph}
    dist[start] = 0
    heap = [(0, start)]
    prev = {}
    while heap:
        d, u = heapq.heappop(heap)
        if d > dist[u]:
            continue
        for to, cost in graph[u]:
            if (nd := d + cost) < dist[to]:
                dist[to] = nd
                prev[to] = u
                heapq.heappush(heap, (nd, to))
    return dist, prev

dist, prev = dijkstra("A")
print(dict(sorted(dist.items())))
path, v = [], "D"
while v != "A":
    path.insert(0, v)
    v = prev[v]
print("A", *path, sep=" > ")
words = "the quick the lazy the dog quick".split()
c = Counter(words)
print(c.most_common(2), c["cat"], sum(c.values()))
print({k: v for k, v in c.items() if v > 1})
q = deque(maxlen=3)
for i in range(5):
    q.append(i)
print(q, list(q), q[-1])
e = Edge("X", 3)
print(e, e.to, e._replace(cost=9), e == ("X", 3))
nested = {"a": {"b": [1, 2, {"c": 3}]}}
print(nested["a"]["b"][2]["c"], len(nested), "b" in nested["a"])
for row in zip(*[[1, 2, 3], [4, 5, 6]]):
    print(row, end=";")
print()
print(f"{math.pi:.3f} {1e6:,.0f} {255:#x} {0.256:.1%} {'mid':^9}|{-5:+d}|{7:08.3f}")
print(all(x > 0 for x in [1, 2]), any([]), divmod(17, 5), round(2.5), round(-1.5), 7 // -2, -7 % 3)
x = [1, 2, 3, 4, 5]
print(x[::-2], x[1:-1], x[-3:], x[:0], x[10:])
x[1:3] = []
print(x, x.index(5), x.count(1))
try:
    print(int("3.5"))
except ValueError as err:
    print(err)
print(*(f"{i}{'st' if i == 1 else 'th'}" for i in range(1, 4)), sep=", ", end="!\n")
print(sys.maxsize > 2**40, isinstance(True, int), type([]).__name__)
