import sys
def read_matrix():
    rows, cols = map(int, input().split())
    return [[int(v) for v in input().split()[:cols]] for _ in range(rows)]
def transpose(m): return [list(r) for r in zip(*m)]
def mul(a, b):
    if len(a[0]) != len(b):
        raise ValueError(f"cannot multiply {len(a)}x{len(a[0])} by {len(b)}x{len(b[0])}")
    return [[sum(x * y for x, y in zip(r, c)) for c in zip(*b)] for r in a]
def det(m):
    if len(m) == 1: return m[0][0]
    return sum((-1) ** j * m[0][j] * det([row[:j] + row[j+1:] for row in m[1:]]) for j in range(len(m)))
def pretty(m, width=5):
    for row in m: print("".join(f"{v:{width}d}" for v in row))
try:
    a = read_matrix(); b = read_matrix()
    pretty(a); print(); pretty(transpose(b), width=3)
    c = mul(a, b)
    pretty(c)
    print("det", det(c))
    print("trace", sum(c[i][i] for i in range(len(c))))
    print(mul(a, a))
except ValueError as e:
    print("Problem:", e, file=sys.stderr)
    print("stopped")
    sys.exit(3)
finally:
    print("end of run")
