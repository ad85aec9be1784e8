from typing import List, Optional, Tuple

Matrix = List[List[int]]


def identity(n: int) -> Matrix:
    return [[1 if i == j else 0 for j in range(n)] for i in range(n)]


def multiply(a: Matrix, b: Matrix) -> Matrix:
    rows, inner, cols = len(a), len(b), len(b[0])
    assert all(len(row) == inner for row in a), "shapes do not fit"
    return [[sum(a[i][k] * b[k][j] for k in range(inner)) for j in range(cols)] for i in range(rows)]


def power(m: Matrix, n: int) -> Matrix:
    result = identity(len(m))
    while n:
        if n & 1:
            result = multiply(result, m)
        m = multiply(m, m)
        n >>= 1
    return result


def find(m: Matrix, wanted: int) -> Optional[Tuple[int, int]]:
    for r, row in enumerate(m):
        for c, value in enumerate(row):
            if value == wanted:
                return r, c
    return None


def spiral(m):
    out = []
    grid = [row[:] for row in m]
    while grid:
        out += grid.pop(0)
        grid = [list(r) for r in zip(*grid)][::-1]
    return out


fib = [[1, 1], [1, 0]]
for n in (1, 2, 10, 50):
    print(n, power(fib, n)[0][1])
grid = [[r * 4 + c for c in range(4)] for r in range(3)]
print(spiral(grid))
print(find(grid, 6), find(grid, 99))
print(*(" ".join(f"{v:2d}" for v in row) for row in grid), sep="\n")
print([list(col) for col in zip(*grid)])
flat = [v for row in grid for v in row if v % 3 == 0]
print(flat, sum(flat), max(grid, key=sum))
try:
    multiply(grid, grid)
except AssertionError as e:
    print("Error:", e)
