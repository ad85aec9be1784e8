import random
from collections import deque

random.seed(7)

GRID = [
    "#########",
    "#S..#...#",
    "##.##.#.#",
    "#....#..#",
    "#.##...##",
    "#..#.#..E",
    "#########",
]

def find(sign):
    for y, row in enumerate(GRID):
        x = row.find(sign)
        if x >= 0:
            return x, y
    raise ValueError(f"no {sign} in grid")

def neighbours(x, y):
    for dx, dy in ((1, 0), (0, 1), (-1, 0), (0, -1)):
        nx, ny = x + dx, y + dy
        if 0 <= ny < len(GRID) and 0 <= nx < len(GRID[ny]) and GRID[ny][nx] != "#":
            yield nx, ny

def shortest(start, goal):
    came_from = {start: None}
    queue = deque([start])
    while queue:
        here = queue.popleft()
        if here == goal:
            break
        for n in neighbours(*here):
            if n not in came_from:
                came_from[n] = here
                queue.append(n)
    else:
        return []
    path = []
    while here is not None:
        path.append(here)
        here = came_from[here]
    return path[::-1]

start, goal = find("S"), find("E")
path = shortest(start, goal)
print(len(path) - 1, "steps from", start, "to", goal)
drawn = [list(row) for row in GRID]
for x, y in path[1:-1]:
    drawn[y][x] = "o"
print("\n".join("".join(row) for row in drawn))
moves = "".join({(1, 0): "E", (-1, 0): "W", (0, 1): "S", (0, -1): "N"}[b[0] - a[0], b[1] - a[1]] for a, b in zip(path, path[1:]))
print(moves)
try:
    find("X")
except ValueError as e:
    print("Error:", e)
