def make(rows, cols, value=0):
    return [[value for _ in range(cols)] for _ in range(rows)]

def show(m):
    for row in m:
        print(" ".join("%3d" % x for x in row))
    print()

def mul(a, b):
    n, k, p = len(a), len(b), len(b[0])
    assert len(a[0]) == k, "shapes do not fit"
    c = make(n, p)
    for i in range(n):
        for j in range(p):
            c[i][j] = sum(a[i][x] * b[x][j] for x in range(k))
    return c

def transpose(m):
    return [list(col) for col in zip(*m)]

def power(m, n):
    result = [[int(i == j) for j in range(len(m))] for i in range(len(m))]
    while n:
        if n & 1:
            result = mul(result, m)
        m = mul(m, m)
        n >>= 1
    return result

a = [[1, 2, 3], [4, 5, 6]]
show(a)
show(transpose(a))
show(mul(a, transpose(a)))
fib = [[1, 1], [1, 0]]
print(power(fib, 90)[0][1])
spiral = make(4, 5)
r = c = 0
dr, dc = 0, 1
for n in range(1, 21):
    spiral[r][c] = n
    nr, nc = r + dr, c + dc
    if not (0 <= nr < 4 and 0 <= nc < 5) or spiral[nr][nc]:
        dr, dc = dc, -dr
        nr, nc = r + dr, c + dc
    r, c = nr, nc
show(spiral)
print(sum(spiral, []))
print(mul(a, a))
