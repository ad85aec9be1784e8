import random
import string
from collections import Counter, defaultdict, deque

GRID = """
#########
#S..#...#
#.#.#.#.#
#.#...#E#
#########
""".strip().splitlines()

def find(ch):
    for r, row in enumerate(GRID):
        if (c := row.find(ch)) != -1:
            return r, c

def neighbours(r, c):
    for dr, dc in ((0, 1), (1, 0), (0, -1), (-1, 0)):
        if GRID[r + dr][c + dc] != "#":
            yield r + dr, c + dc

def bfs(start, goal):
    queue, seen = deque([(start, [start])]), {start}
    while queue:
        pos, path = queue.popleft()
        if pos == goal:
            return path
        for nxt in neighbours(*pos):
            if nxt not in seen:
                seen.add(nxt)
                queue.append((nxt, path + [nxt]))
    return None

path = bfs(find("S"), find("E"))
print(len(path) - 1, path[0], path[-1])
chars = [list(row) for row in GRID]
for r, c in path[1:-1]:
    chars[r][c] = "*"
print("\n".join("".join(row) for row in chars))

words = "the cat sat on the mat the end".split()
print(Counter(words).most_common(2))
index = defaultdict(set)
for i, w in enumerate(words):
    index[w[0]].add(i)
print({k: sorted(v) for k, v in sorted(index.items())})
table = str.maketrans("aeiou", "*****")
print("hello world".translate(table), "a,b;c".replace(";", ",").split(","))
print(all(w.islower() for w in words), any(len(w) > 3 for w in words), [*zip(*[(1, 2), (3, 4)])])
print(sum(x ** 2 for x in range(1, 11) if x % 2), divmod(17, 5), -7 // 2, -7 % 3, round(2.5), 7 / 2)
print(f"{1234567.891:,.2f} {42:08b} {255:#x} {'x':>5} {0.1234:.1%} {3:+d}")
print(sorted(words, key=lambda w: (-len(w), w))[:3], list(map(str.upper, words[:2])), "-".join(sorted(set("banana"))))
random.seed(3)
print(len("".join(random.choice(string.ascii_letters) for _ in range(8))))
lst = list(range(10))
lst[2:5] = [20, 30]
del lst[-2:]
print(lst, lst[::-2], lst.index(20), lst.count(5))
first, *mid, last = lst
print(first, mid, last)
