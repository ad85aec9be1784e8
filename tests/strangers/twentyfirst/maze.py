from collections import deque

GRID = [
    "#########",
    "#S..#...#",
    "#.#.#.#.#",
    "#.#...#E#",
    "#########",
]


def find(mark):
    for r, row in enumerate(GRID):
        c = row.find(mark)
        if c != -1:
            return r, c
    return None


def neighbours(cell):
    r, c = cell
    for dr, dc in ((0, 1), (1, 0), (0, -1), (-1, 0)):
        nr, nc = r + dr, c + dc
        if GRID[nr][nc] != "#":
            yield nr, nc


def shortest(start, goal):
    came = {start: None}
    waiting = deque([start])
    while waiting:
        cell = waiting.popleft()
        if cell == goal:
            break
        for other in neighbours(cell):
            if other not in came:
                came[other] = cell
                waiting.append(other)
    else:
        return []
    path = []
    while cell is not None:
        path.append(cell)
        cell = came[cell]
    return path[::-1]


start, goal = find("S"), find("E")
path = shortest(start, goal)
print(len(path) - 1, path[0], path[-1])
picture = [list(row) for row in GRID]
for r, c in path[1:-1]:
    picture[r][c] = "*"
print("\n".join("".join(row) for row in picture))
