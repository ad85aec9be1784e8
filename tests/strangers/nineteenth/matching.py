# match statement, walrus, comprehension puzzles, bit tricks, recursion
def describe(point):
    match point:
        case (0, 0):
            return "origin"
        case (x, 0) | (0, x):
            return f"on an axis at {x}"
        case (x, y) if x == y:
            return f"diagonal {x}"
        case (x, y):
            return f"at {x},{y}"
        case _:
            return "not a point"

def command(text):
    match text.split():
        case ["go", direction]:
            return f"going {direction}"
        case ["take", *items]:
            return f"taking {len(items)}: {', '.join(items)}"
        case ["quit" | "exit"]:
            return "bye"
        case []:
            return "nothing"
        case [first, *_]:
            return f"don't know {first}"

def shape_area(shape):
    match shape:
        case {"kind": "circle", "r": r}:
            return round(3.14159 * r * r, 2)
        case {"kind": "rect", "w": w, "h": h}:
            return w * h
        case {"kind": kind}:
            return f"unknown {kind}"

for p in [(0, 0), (3, 0), (0, 4), (2, 2), (1, 2), 5]: print(describe(p))
for c in ["go north", "take rake hoe", "quit", "", "dig"]: print(command(c))
for s in [{"kind": "circle", "r": 2}, {"kind": "rect", "w": 2, "h": 3, "x": 0}, {"kind": "hex"}]: print(shape_area(s))
def status(code):
    match code:
        case 200: return "ok"
        case 301 | 302: return "moved"
        case int() if code >= 500: return "server"
        case str(): return "text"
        case None: return "none"
        case _: return "other"
print([status(c) for c in (200, 302, 503, "x", None, 404)])
data = [3, 8, 1, 9, 4]
if (top := max(data)) > 5: print("top", top)
while (n := data.pop()) != 8: print("popped", n)
print([y for x in range(5) if (y := x * x) % 2 == 0], [(i, j) for i in range(3) for j in range(i)], {i: [j for j in range(i)] for i in range(3)})
def power_set(s): return [[]] if not s else [r + x for r in power_set(s[1:]) for x in ([], [s[0]])]
print(sorted(power_set([1, 2, 3]), key=lambda x: (len(x), x)))
def flatten(x): return [z for y in x for z in (flatten(y) if isinstance(y, list) else [y])]
print(flatten([1, [2, [3, [4, []]], 5]]))
def collatz(n):
    seq = [n]
    while n != 1: n = n // 2 if n % 2 == 0 else 3 * n + 1; seq.append(n)
    return seq
print(collatz(6), max(range(1, 20), key=lambda k: len(collatz(k))))
print(bin(10 & 6), 10 | 6, 10 ^ 6, ~10, 1 << 5, 40 >> 2, bin(37).count("1"), 0xFF, 0b101, 0o17, int("z", 36))
def knapsack(items, cap):
    best = [0] * (cap + 1)
    for w, v in items:
        for c in range(cap, w - 1, -1): best[c] = max(best[c], best[c - w] + v)
    return best[cap]
print(knapsack([(1, 1), (3, 4), (4, 5), (5, 7)], 7))
def lcs(a, b):
    t = [[""] * (len(b) + 1) for _ in range(len(a) + 1)]
    for i, x in enumerate(a):
        for j, y in enumerate(b): t[i + 1][j + 1] = t[i][j] + x if x == y else max(t[i][j + 1], t[i + 1][j], key=len)
    return t[-1][-1]
print(lcs("AGGTAB", "GXTXAYB"))
def queens(n, row=0, cols=()):
    if row == n: return 1
    return sum(queens(n, row + 1, cols + (c,)) for c in range(n) if all(c != k and abs(c - k) != row - r for r, k in enumerate(cols)))
print([queens(n) for n in range(1, 7)])
def sudoku_ok(row): return sorted(row) == list(range(1, 10))
print(sudoku_ok([5, 3, 4, 6, 7, 8, 9, 1, 2]), sudoku_ok([1] * 9))
grid = ["S.#", "..#", "#.E"]
def solve(g):
    from collections import deque
    R, C = len(g), len(g[0]); q = deque([(0, 0, 0)]); seen = {(0, 0)}
    while q:
        r, c, d = q.popleft()
        if g[r][c] == "E": return d
        for dr, dc in ((1, 0), (0, 1), (-1, 0), (0, -1)):
            nr, nc = r + dr, c + dc
            if 0 <= nr < R and 0 <= nc < C and g[nr][nc] != "#" and (nr, nc) not in seen: seen.add((nr, nc)); q.append((nr, nc, d + 1))
    return None
print(solve(grid))
print(*map(lambda t: f"{t[0]}{t[1]}", zip("abc", range(3))), sep="|")
print(list(map(max, [1, 5], [4, 2])), list(filter(lambda s: s, ["a", "", "b"])), any(map(str.isdigit, "ab1")), [*zip(*[(1, "a"), (2, "b")])])
a = [[1, 2], [3, 4]]; b = [r[:] for r in a]; b[0][0] = 9; print(a, b, a[0] is a[0], [x[::-1] for x in a[::-1]])
