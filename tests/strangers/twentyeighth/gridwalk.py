# Maze in the hedge: breadth first, then print the path
from collections import deque

hedge = [
    "#########",
    "#S..#...#",
    "#.#.#.#.#",
    "#.#...#G#",
    "#########",
]

def find(ch):
    for r, row in enumerate(hedge):
        c = row.find(ch)
        if c != -1:
            return r, c
    return None

start, goal = find("S"), find("G")
assert start is not None and goal is not None, "no start or goal"

queue = deque([start])
came_from = {start: None}
while queue:
    current = queue.popleft()
    if current == goal:
        break
    r, c = current
    for dr, dc in ((-1, 0), (1, 0), (0, -1), (0, 1)):
        nxt = (r + dr, c + dc)
        if hedge[nxt[0]][nxt[1]] == "#" or nxt in came_from:
            continue
        came_from[nxt] = current
        queue.append(nxt)

path = []
node = goal
while node is not None:
    path.append(node)
    node = came_from[node]
path.reverse()
print("length", len(path) - 1)
print(" -> ".join(f"({r},{c})" for r, c in path))

canvas = [list(row) for row in hedge]
for r, c in path[1:-1]:
    canvas[r][c] = "*"
print("\n".join("".join(row) for row in canvas))
dirs = {(-1, 0): "N", (1, 0): "S", (0, -1): "W", (0, 1): "E"}
moves = "".join(dirs[b[0] - a[0], b[1] - a[1]] for a, b in zip(path, path[1:]))
print(moves)
runs, i = [], 0
while i < len(moves):
    j = i
    while j < len(moves) and moves[j] == moves[i]: j += 1
    runs.append(moves[i] + str(j - i)); i = j
print(*runs, sep=",")
