import heapq
from collections import deque
GRAPH = {
    'gate': {'shed': 4, 'pond': 1},
    'pond': {'shed': 2, 'gate': 1, 'oak': 5},
    'shed': {'oak': 1, 'gate': 4},
    'oak': {'hive': 3},
    'hive': {},
}

def dijkstra(graph, start):
    dist = {node: float('inf') for node in graph}
    prev = dict.fromkeys(graph)
    dist[start] = 0
    todo = [(0, start)]
    while todo:
        d, node = heapq.heappop(todo)
        if d > dist[node]:
            continue
        for nxt, w in graph[node].items():
            nd = d + w
            if nd < dist[nxt]:
                dist[nxt], prev[nxt] = nd, node
                heapq.heappush(todo, (nd, nxt))
    return dist, prev

def path(prev, end):
    out = []
    while end:
        out.append(end)
        end = prev[end]
    return out[::-1]

dist, prev = dijkstra(GRAPH, 'gate')
for k, v in dist.items():
    print(f'{k:5} {v:3} {" > ".join(path(prev, k))}')

def bfs(start, goal):
    seen = {start}
    q = deque([(start, [start])])
    while q:
        node, way = q.popleft()
        if node == goal:
            return way
        for n in sorted(GRAPH[node]):
            if n not in seen:
                seen.add(n)
                q.append((n, way + [n]))
    return None
print(bfs('gate', 'hive'), bfs('hive', 'gate'))

grid = ["S.#.....", "..#.##.#", ".....#..", ".###.#.E"]
start = next((r, row.index('S')) for r, row in enumerate(grid) if 'S' in row)
frontier, seen, steps = [start], {start}, 0
while frontier:
    nxt = []
    for r, c in frontier:
        if grid[r][c] == 'E':
            print("found after", steps)
            nxt = []
            break
        for dr, dc in ((0, 1), (1, 0), (0, -1), (-1, 0)):
            p = (r + dr, c + dc)
            if 0 <= p[0] < len(grid) and 0 <= p[1] < len(grid[0]) and grid[p[0]][p[1]] != '#' and p not in seen:
                seen.add(p)
                nxt.append(p)
    frontier = nxt
    steps += 1
print(len(seen))
