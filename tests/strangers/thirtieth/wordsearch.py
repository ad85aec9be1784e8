def load(lines):
    return [list(line.strip()) for line in lines if line.strip()]

def directions():
    for dy in (-1, 0, 1):
        for dx in (-1, 0, 1):
            if dx or dy:
                yield dx, dy

def find(grid, word):
    h, w = len(grid), len(grid[0])
    for y in range(h):
        for x in range(w):
            for dx, dy in directions():
                ex, ey = x + dx * (len(word) - 1), y + dy * (len(word) - 1)
                if not (0 <= ex < w and 0 <= ey < h):
                    continue
                if all(grid[y + dy * i][x + dx * i] == c for i, c in enumerate(word)):
                    return (x, y), (ex, ey)
    return None

grid = load("""
fernx
aokab
rdrme
mxoye
ppled
""".split("\n"))
found = set()
for word in ["fern", "farm", "bee", "oak", "root", "odd", "seed"]:
    place = find(grid, word)
    if place is None:
        print(f"{word:<6} not found")
        continue
    (x1, y1), (x2, y2) = place
    print(f"{word:<6} from {x1},{y1} to {x2},{y2}")
    steps = max(abs(x2 - x1), abs(y2 - y1))
    for i in range(steps + 1):
        found.add((x1 + (x2 - x1) // steps * i, y1 + (y2 - y1) // steps * i))
for y, row in enumerate(grid):
    print(" ".join(c.upper() if (x, y) in found else "." for x, c in enumerate(row)))
print(len(found), "of", sum(map(len, grid)), "letters used")
