def hanoi(n, a="A", b="B", c="C", moves=None):
    if moves is None: moves = []
    if n:
        hanoi(n-1, a, c, b, moves)
        moves.append(a + c)
        hanoi(n-1, b, a, c, moves)
    return moves

def permutations(s):
    if len(s) <= 1: return [s]
    return [s[i] + p for i in range(len(s)) for p in permutations(s[:i] + s[i+1:])]

def subsets(items):
    if not items: return [[]]
    rest = subsets(items[1:])
    return rest + [[items[0]] + r for r in rest]

def queens(n, placed=()):
    if len(placed) == n:
        yield placed
        return
    for col in range(n):
        if all(col != c and abs(col - c) != len(placed) - r for r, c in enumerate(placed)):
            yield from queens(n, placed + (col,))

def fill(grid, r, c, new):
    old = grid[r][c]
    if old == new: return 0
    stack, n = [(r, c)], 0
    while stack:
        y, x = stack.pop()
        if not (0 <= y < len(grid) and 0 <= x < len(grid[0])) or grid[y][x] != old:
            continue
        grid[y][x] = new
        n += 1
        stack.extend([(y+1, x), (y-1, x), (y, x+1), (y, x-1)])
    return n

def gcd(a, b): return a if b == 0 else gcd(b, a % b)
def power(b, e):
    if e == 0: return 1
    half = power(b, e // 2)
    return half * half * (b if e & 1 else 1)
def ackermann(m, n):
    return n + 1 if m == 0 else ackermann(m-1, 1) if n == 0 else ackermann(m-1, ackermann(m, n-1))
def flatten(x):
    return [x] if not isinstance(x, list) else [z for y in x for z in flatten(y)]
def coins(total, kinds):
    if total == 0: return 1
    if total < 0 or not kinds: return 0
    return coins(total - kinds[0], kinds) + coins(total, kinds[1:])

print(hanoi(3), len(hanoi(7)))
print(permutations("abc"))
print(subsets([1, 2, 3]))
print(next(queens(6)), sum(1 for _ in queens(6)))
for r in next(queens(5)): print("".join("Q" if i == r else "." for i in range(5)))
g = [list(row) for row in ["..##", ".#..", "...#"]]
print(fill(g, 0, 0, "o"))
print("\n".join("".join(r) for r in g))
print(gcd(1071, 462), power(3, 40), ackermann(2, 3))
print(flatten([1, [2, [3, [], [4]], 5], [[6]]]))
print(coins(100, [50, 20, 10, 5, 2, 1]))
