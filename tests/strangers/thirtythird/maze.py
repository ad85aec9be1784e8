from collections import deque

MAZE = """
#########
#S..#...#
#.#.#.#.#
#.#...#.#
#.#####.#
#......E#
#########
""".strip().splitlines()


def find(letter):
    for y, row in enumerate(MAZE):
        x = row.find(letter)
        if x != -1:
            return (y, x)
    raise LookupError(letter)


def neighbours(pos):
    y, x = pos
    for dy, dx in ((0, 1), (1, 0), (0, -1), (-1, 0)):
        ny, nx = y + dy, x + dx
        if MAZE[ny][nx] != "#":
            yield ny, nx


def shortest(start, goal):
    queue = deque([start])
    came = {start: None}
    while queue:
        here = queue.popleft()
        if here == goal:
            break
        for step in neighbours(here):
            if step not in came:
                came[step] = here
                queue.append(step)
    path = []
    node = goal
    while node is not None:
        path.append(node)
        node = came[node]
    return path[::-1]


def dead_ends():
    found = set()
    for y, row in enumerate(MAZE):
        for x, cell in enumerate(row):
            if cell != "#" and len(list(neighbours((y, x)))) == 1:
                found.add((y, x))
    return found


start, goal = find("S"), find("E")
path = shortest(start, goal)
print(len(path) - 1, "steps")
grid = [list(row) for row in MAZE]
for y, x in path[1:-1]:
    grid[y][x] = "*"
print("\n".join("".join(row) for row in grid))
print(sorted(dead_ends()))
directions = {(0, 1): "R", (0, -1): "L", (1, 0): "D", (-1, 0): "U"}
moves = "".join(directions[(b[0] - a[0], b[1] - a[1])] for a, b in zip(path, path[1:]))
print(moves)
short = ""
i = 0
while i < len(moves):
    j = i
    while j < len(moves) and moves[j] == moves[i]:
        j += 1
    short += moves[i] + (str(j - i) if j - i > 1 else "")
    i = j
print(short)
try:
    find("Q")
except LookupError as e:
    print("not there:", repr(e), e.args[0])
