from fractions import Fraction
from copy import deepcopy
from itertools import permutations, product, combinations, chain, accumulate, groupby, count, islice, cycle

def minor(m, i, j):
    return [row[:j] + row[j+1:] for row in (m[:i] + m[i+1:])]

def det(m):
    n = len(m)
    if n == 1: return m[0][0]
    if n == 2: return m[0][0]*m[1][1] - m[0][1]*m[1][0]
    return sum((-1)**c * m[0][c] * det(minor(m, 0, c)) for c in range(n))

def solve(a, b):
    m = [[Fraction(x) for x in row] + [Fraction(y)] for row, y in zip(a, b)]
    n = len(m)
    for col in range(n):
        pivot = next((r for r in range(col, n) if m[r][col] != 0), None)
        if pivot is None:
            raise ValueError('singular')
        m[col], m[pivot] = m[pivot], m[col]
        m[col] = [x / m[col][col] for x in m[col]]
        for r in range(n):
            if r != col:
                f = m[r][col]
                m[r] = [x - f*y for x, y in zip(m[r], m[col])]
    return [row[-1] for row in m]

A = [[2, 1, -1], [-3, -1, 2], [-2, 1, 2]]
B = deepcopy(A)
B[0][0] = 99
print(det(A), det(B), A[0][0])
print(*solve(A, [8, -11, -3]))
print([str(x) for x in solve([[3, 2], [1, 7]], [1, 2])])
try:
    solve([[1, 2], [2, 4]], [1, 2])
except ValueError as e:
    print('no:', e)
print(list(map(list, zip(*A))))
print(sum(1 for p in permutations(range(4)) if all(p[i] != i for i in range(4))))
print([''.join(p) for p in product('ab', repeat=2)], list(combinations([1, 2, 3], 2)))
print(list(accumulate([3, 1, 4, 1, 5])), list(chain([1], (2, 3), 'xy')))
for k, g in groupby('aaabbc'):
    print(k, len(list(g)), end='; ')
print()
print(list(islice(count(10, 5), 4)), list(islice(cycle('xyz'), 7)))
print(Fraction(3, 4) + Fraction(1, 4), Fraction(1, 3) * 2, Fraction('0.125'))
