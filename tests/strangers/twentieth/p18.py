def read_matrix(text):
    return [[int(x) for x in row.split()] for row in text.strip().split("\n")]

def mat_mul(a, b):
    return [[sum(a[i][k] * b[k][j] for k in range(len(b))) for j in range(len(b[0]))] for i in range(len(a))]

def transpose(m):
    return [list(r) for r in zip(*m)]

def det(m):
    if len(m) == 1:
        return m[0][0]
    total = 0
    for c in range(len(m)):
        minor = [row[:c] + row[c + 1:] for row in m[1:]]
        total += (-1) ** c * m[0][c] * det(minor)
    return total

def show(m):
    for row in m:
        print(" ".join("%4d" % x for x in row))

m = read_matrix("""
1 2 3
0 4 5
1 0 6
""")
show(m)
print("det", det(m))
show(mat_mul(m, transpose(m)))
spiral = []
rows = [r[:] for r in m]
while rows:
    spiral += rows.pop(0)
    rows = transpose(rows)[::-1]
print(spiral)
life = {(1, 0), (1, 1), (1, 2)}
def step(cells):
    from collections import Counter
    near = Counter((x + dx, y + dy) for x, y in cells for dx in (-1, 0, 1) for dy in (-1, 0, 1) if (dx, dy) != (0, 0))
    return {c for c, n in near.items() if n == 3 or (n == 2 and c in cells)}
for generation in range(3):
    for y in range(3):
        print("".join("#" if (x, y) in life else "." for x in range(3)))
    print()
    life = step(life)
triangle = [[1]]
for _ in range(5):
    last = triangle[-1]
    triangle.append([1] + [a + b for a, b in zip(last, last[1:])] + [1])
for row in triangle:
    print(" ".join(map(str, row)).center(20).rstrip())
