graph = {
    "gate": {"pond": 4, "shed": 2},
    "pond": {"gate": 4, "orchard": 5, "shed": 1},
    "shed": {"gate": 2, "pond": 1, "orchard": 8, "beds": 10},
    "orchard": {"pond": 5, "shed": 8, "beds": 2},
    "beds": {"shed": 10, "orchard": 2},
}
INF = float("inf")

def dijkstra(graph, start):
    dist = {node: INF for node in graph}
    prev = {}
    dist[start] = 0
    todo = set(graph)
    while todo:
        node = min(todo, key=lambda n: dist[n])
        todo.remove(node)
        for other, cost in graph[node].items():
            if dist[node] + cost < dist[other]:
                dist[other] = dist[node] + cost
                prev[other] = node
    return dist, prev

def path(prev, goal):
    route = [goal]
    while goal in prev:
        goal = prev[goal]
        route.insert(0, goal)
    return route

def bfs(start, goal):
    from collections import deque
    q = deque([[start]])
    seen = {start}
    while q:
        p = q.popleft()
        if p[-1] == goal:
            return p
        for n in sorted(graph[p[-1]]):
            if n not in seen:
                seen.add(n)
                q.append(p + [n])

def dfs(node, visited=None):
    if visited is None:
        visited = []
    visited.append(node)
    for n in graph[node]:
        if n not in visited:
            dfs(n, visited)
    return visited

d, prev = dijkstra(graph, "gate")
for k, v in d.items():
    print(f"{k}: {v} via {' > '.join(path(prev, k))}")
print(bfs("gate", "beds"))
print(dfs("gate"))
import heapq
heap = []
for k, v in d.items():
    heapq.heappush(heap, (v, k))
while heap:
    print(heapq.heappop(heap), end=" ")
print()
edges = sorted({tuple(sorted((a, b))) + (w,) for a in graph for b, w in graph[a].items()}, key=lambda e: (e[2], e[0]))
parent = {n: n for n in graph}
def find(n):
    while parent[n] != n:
        n = parent[n]
    return n
total = 0
for a, b, w in edges:
    ra, rb = find(a), find(b)
    if ra != rb:
        parent[ra] = rb
        total += w
        print("use", a, b, w)
print(total)
