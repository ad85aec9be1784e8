from math import sqrt, pi, floor, ceil, isclose, hypot
import math as m

def zeros(r, c): return [[0 for _ in range(c)] for _ in range(r)]

def mul(A, B):
    R = zeros(len(A), len(B[0]))
    for i in range(len(A)):
        for j in range(len(B[0])):
            for k in range(len(B)):
                R[i][j] += A[i][k] * B[k][j]
    return R

def transpose(A): return [list(row) for row in zip(*A)]

def show(A, w=4):
    for row in A:
        print(''.join(f'{x:{w}}' for x in row))

A = [[1, 2, 3], [4, 5, 6]]
B = transpose(A)
show(mul(A, B))
show(B, 3)
print(sum(map(sum, A)), max(max(r) for r in A), [A[i][i] for i in range(2)])
print(round(sqrt(2), 4), floor(-2.5), ceil(-2.5), m.trunc(-2.5), hypot(3, 4), isclose(0.1 + 0.2, 0.3), round(m.degrees(pi), 1))
print(m.factorial(10), m.gcd(84, 36), m.prod([1, 2, 3, 4]), m.comb(5, 2), m.log2(8), m.log(100, 10), m.inf > 10 ** 100, -7 // 2, -7 % 3, divmod(-7, 2), 7.5 // 2)
grid = [['.'] * 5 for _ in range(3)]
grid[1][2] = '#'
print('\n'.join(' '.join(r) for r in grid))
