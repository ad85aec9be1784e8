from random import seed, choice
import datetime

SIZE = 8
grid = [["." for _ in range(SIZE)] for _ in range(SIZE)]
x = y = 0
commands = "RRDDLURRRDDD"
moves = {"U": (0, -1), "D": (0, 1), "L": (-1, 0), "R": (1, 0)}
visited = {(x, y)}
for step, c in enumerate(commands):
    dx, dy = moves[c]
    nx, ny = x + dx, y + dy
    if not (0 <= nx < SIZE and 0 <= ny < SIZE):
        print(f"step {step}: wall")
        continue
    x, y = nx, ny
    visited.add((x, y))
for vx, vy in visited:
    grid[vy][vx] = "#"
grid[y][x] = "@"
print("\n".join("".join(row) for row in grid))
print(len(visited), sorted(visited)[:3], (x, y))
rows = [r.count("#") for r in map("".join, grid)]
print(rows, sum(rows))
transposed = [list(col) for col in zip(*grid)]
print("".join(transposed[2]))
print(any("#" in row for row in grid), all("." in row for row in grid))
d = {}
for r, row in enumerate(grid):
    for c, cell in enumerate(row):
        d.setdefault(cell, []).append((r, c))
print({k: len(v) for k, v in d.items()})
del d["."]
print(sorted(d), d.pop("@"), list(d.keys()))
