def hanoi(n, a='A', b='B', c='C'):
    if n == 0:
        return 0
    moves = hanoi(n - 1, a, c, b)
    print(f"{n}: {a}->{c}", end="  ")
    return moves + 1 + hanoi(n - 1, b, a, c)
print("\n", hanoi(3), "moves", sep="")
def perms(s):
    return [s] if len(s) <= 1 else [c + p for i, c in enumerate(s) for p in perms(s[:i] + s[i+1:])]
print(perms("abc"))
def power_set(items):
    if not items: return [[]]
    rest = power_set(items[1:])
    return rest + [[items[0]] + r for r in rest]
print(power_set([1, 2, 3]))
def flood(grid, r, c, new):
    old = grid[r][c]
    if old == new: return
    def go(r, c):
        if 0 <= r < len(grid) and 0 <= c < len(grid[0]) and grid[r][c] == old:
            grid[r][c] = new
            for dr, dc in [(0, 1), (1, 0), (0, -1), (-1, 0)]:
                go(r + dr, c + dc)
    go(r, c)
g = [list("..#"), list(".##"), list("#..")]
flood(g, 0, 0, "~")
for row in g: print("".join(row))
def ackermann(m, n):
    return n + 1 if m == 0 else ackermann(m - 1, 1) if n == 0 else ackermann(m - 1, ackermann(m, n - 1))
print(ackermann(2, 3))
def flatten(x):
    return [z for y in x for z in flatten(y)] if isinstance(x, list) else [x]
print(flatten([1, [2, [3, [4]], 5]]))
def deep(n): return deep(n + 1)
try: deep(0)
except RecursionError: print("too deep")
