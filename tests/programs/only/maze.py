import random
import time
import math
from collections import deque, Counter, namedtuple

Point = namedtuple("Point", ["x", "y"])

def neighbours(p):
    for dx, dy in ((0, 1), (1, 0), (0, -1), (-1, 0)):
        yield Point(p.x + dx, p.y + dy)

def solve(maze):
    grid = [list(row) for row in maze]
    start = goal = None
    for y, row in enumerate(grid):
        for x, cell in enumerate(row):
            if cell == "S":
                start = Point(x, y)
            elif cell == "G":
                goal = Point(x, y)
    frontier = deque([start])
    came = {start: None}
    while frontier:
        current = frontier.popleft()
        if current == goal:
            break
        for n in neighbours(current):
            if 0 <= n.y < len(grid) and 0 <= n.x < len(grid[0]) and grid[n.y][n.x] != "#" and n not in came:
                came[n] = current
                frontier.append(n)
    else:
        return None
    path = []
    while current:
        path.append(current)
        current = came[current]
    return path[::-1]

maze = ["S.#.",
        "..#G",
        "#...",
        "...#"]
path = solve(maze)
print(len(path), path[0], path[-1], path[1]._replace(x=9))
print(solve(["S#G"]))
random.seed(7)
rolls = [random.randint(1, 6) + random.randint(1, 6) for _ in range(10)]
print(rolls, Counter(rolls).most_common(1)[0][0])
deck = [r + s for s in "HS" for r in "A23"]
random.shuffle(deck)
print(deck, random.choice(deck), random.sample(range(10), 3), round(random.random(), 3))
print(math.floor(-2.5), math.ceil(2.1), math.sqrt(16), math.factorial(5), math.gcd(12, 18), round(math.pi, 4), math.isclose(0.1 + 0.2, 0.3))
