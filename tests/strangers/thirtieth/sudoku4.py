SIZE = 4
BOX = 2
grid = [[1, 0, 0, 0],
        [0, 0, 3, 0],
        [0, 4, 0, 0],
        [0, 0, 0, 2]]

def possible(g, r, c, n):
    if n in g[r]: return False
    if any(g[i][c] == n for i in range(SIZE)): return False
    r0, c0 = r // BOX * BOX, c // BOX * BOX
    return all(g[r0 + i][c0 + j] != n for i in range(BOX) for j in range(BOX))

steps = 0
def solve(g):
    global steps
    for r in range(SIZE):
        for c in range(SIZE):
            if g[r][c] == 0:
                for n in range(1, SIZE + 1):
                    steps += 1
                    if possible(g, r, c, n):
                        g[r][c] = n
                        yield from solve(g)
                        g[r][c] = 0
                return
    yield [row[:] for row in g]

for k, solution in enumerate(solve(grid)):
    print('solution', k + 1)
    print('\n'.join(' '.join(map(str, row)) for row in solution))
print('tried', steps)
print(grid)
