def zeros(r, c):
    return [[0] * c for _ in range(r)]

def transpose(m):
    return [list(row) for row in zip(*m)]

def multiply(a, b):
    if len(a[0]) != len(b):
        raise ValueError("shapes do not fit: %dx%d and %dx%d" % (len(a), len(a[0]), len(b), len(b[0])))
    return [[sum(x * y for x, y in zip(row, col)) for col in zip(*b)] for row in a]

def minor(m, i, j):
    return [row[:j] + row[j+1:] for row in (m[:i] + m[i+1:])]

def det(m):
    n = len(m)
    if n == 1: return m[0][0]
    if n == 2: return m[0][0]*m[1][1] - m[0][1]*m[1][0]
    return sum((-1) ** c * m[0][c] * det(minor(m, 0, c)) for c in range(n))

def show(m, title=None, width=6, *, places=0):
    if title is not None:
        print(title)
    for row in m:
        print("[" + "".join(f"{v:{width}.{places}f}" for v in row) + " ]")

def spiral(m):
    result = []
    while m:
        result += m.pop(0)
        m = [list(r) for r in zip(*m)][::-1]
    return result

def identity(n): return [[int(i == j) for j in range(n)] for i in range(n)]

A = [[1, 2, 3], [4, 5, 6], [7, 8, 10]]
B = [[1, 0], [0, 1], [2, -1]]
show(A, "A:")
show(transpose(A), "A transposed:")
show(multiply(A, B), title="A x B", width=8, places=1)
print("det A =", det(A))
print(spiral([r[:] for r in A]))
print(A == multiply(A, identity(3)), A is A[:], identity(2))
try:
    multiply(B, A)
except ValueError as e:
    print(type(e).__name__ + ":", e)
flat = [x for row in A for x in row if x % 2]
print(flat, sum(map(sum, A)), max(max(r) for r in A))
print([[row[i] for row in A] for i in range(3)][0])
rot = list(zip(*A[::-1]))
print(rot)
for r, row in enumerate(A):
    for c, v in enumerate(row):
        if r == c: print(v, end=" " if r < 2 else "\n")
z = zeros(2, 3); z[0][1] = 5
print(z, any(any(r) for r in z), all(map(all, z)))
