from collections import deque

MAZE = [
    "#########",
    "#S..#...#",
    "#.#.#.#.#",
    "#.#...#E#",
    "#########",
]

def find(ch):
    for y, row in enumerate(MAZE):
        if ch in row:
            return row.index(ch), y
    return None

def neighbours(x, y):
    for dx, dy in ((1, 0), (-1, 0), (0, 1), (0, -1)):
        if MAZE[y + dy][x + dx] != "#":
            yield x + dx, y + dy

def bfs(start, goal):
    queue = deque([start])
    came_from = {start: None}
    while queue:
        current = queue.popleft()
        if current == goal:
            break
        for nxt in neighbours(*current):
            if nxt not in came_from:
                came_from[nxt] = current
                queue.append(nxt)
    path = []
    while current is not None:
        path.append(current)
        current = came_from[current]
    return path[::-1]

path = bfs(find("S"), find("E"))
print(len(path) - 1, "steps")
grid = [list(row) for row in MAZE]
for x, y in path[1:-1]:
    grid[y][x] = "*"
print("\n".join("".join(row) for row in grid))
