def zeros(n, m):
    return [[0 for _ in range(m)] for _ in range(n)]

def transpose(a):
    return [list(t) for t in zip(*a)]

def mul(a, b):
    n, m, p = len(a), len(b), len(b[0])
    res = zeros(n, p)
    for i in range(n):
        for j in range(p):
            for k in range(m):
                res[i][j] += a[i][k] * b[k][j]
    return res

def power(a, e):
    n = len(a)
    result = [[int(i == j) for j in range(n)] for i in range(n)]
    while e:
        if e & 1:
            result = mul(result, a)
        a = mul(a, a)
        e >>= 1
    return result

def det(a):
    if len(a) == 1:
        return a[0][0]
    total = 0
    for c in range(len(a)):
        minor = [row[:c] + row[c+1:] for row in a[1:]]
        total += (-1) ** c * a[0][c] * det(minor)
    return total

def show(a, title=None):
    if title: print(title.upper())
    w = max(len(str(x)) for row in a for x in row)
    for row in a:
        print("[" + " ".join(f"{x:>{w}}" for x in row) + "]")

A = [[1, 2, 3], [0, 1, 4], [5, 6, 0]]
show(transpose(A), "transposed")
show(mul(A, A))
print("det:", det(A), "| fib(60):", power([[1, 1], [1, 0]], 60)[0][1])
spiral = zeros(4, 5)
r0, r1, c0, c1, n = 0, 3, 0, 4, 1
while r0 <= r1 and c0 <= c1:
    for c in range(c0, c1 + 1): spiral[r0][c] = n; n += 1
    r0 += 1
    for r in range(r0, r1 + 1): spiral[r][c1] = n; n += 1
    c1 -= 1
    if r0 <= r1:
        for c in range(c1, c0 - 1, -1): spiral[r1][c] = n; n += 1
        r1 -= 1
    if c0 <= c1:
        for r in range(r1, r0 - 1, -1): spiral[r][c0] = n; n += 1
        c0 += 1
show(spiral, title="spiral")
flat = [x for row in spiral for x in row if not x % 3]
print(flat, sum(flat) / len(flat), any(x > 18 for x in flat), all(flat))
magic = [[2, 7, 6], [9, 5, 1], [4, 3, 8]]
lines = magic + transpose(magic) + [[magic[i][i] for i in range(3)], [magic[i][2 - i] for i in range(3)]]
print({sum(l) for l in lines} == {15})
