import sys
def read_grid(lines):
    return [list(l) for l in lines]

grid = read_grid([
    "#########",
    "#S..#...#",
    "#.#.#.#.#",
    "#.#...#G#",
    "#########",
])
def find(grid, what):
    for r, row in enumerate(grid):
        for c, cell in enumerate(row):
            if cell == what:
                return r, c

def solve(grid):
    start, goal = find(grid, "S"), find(grid, "G")
    queue = [(start, [start])]
    seen = {start}
    while queue:
        (r, c), path = queue.pop(0)
        if (r, c) == goal:
            return path
        for dr, dc in ((0, 1), (1, 0), (0, -1), (-1, 0)):
            nr, nc = r + dr, c + dc
            if grid[nr][nc] != "#" and (nr, nc) not in seen:
                seen.add((nr, nc))
                queue.append(((nr, nc), path + [(nr, nc)]))
    return None

path = solve(grid)
if path is None:
    print("no way", file=sys.stderr)
    sys.exit(1)
print(len(path) - 1, "steps")
for r, c in path[1:-1]:
    grid[r][c] = "*"
print("\n".join("".join(row) for row in grid))
moves = ""
for (r1, c1), (r2, c2) in zip(path, path[1:]):
    moves += {(0, 1): ">", (1, 0): "v", (0, -1): "<", (-1, 0): "^"}[r2 - r1, c2 - c1]
print(moves)
from itertools import groupby
print(" ".join(f"{len(list(g))}{k}" for k, g in groupby(moves)))
sys.exit(0 if "v" in moves else 2)
