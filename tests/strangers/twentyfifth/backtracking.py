def print_board(board):
    for row in board:
        print(" ".join(str(n) if n else "." for n in row))

def find_empty(board):
    for r, row in enumerate(board):
        for c, value in enumerate(row):
            if value == 0:
                return r, c
    return None

def valid(board, r, c, n):
    if n in board[r]: return False
    if n in [board[i][c] for i in range(4)]: return False
    br, bc = r // 2 * 2, c // 2 * 2
    return all(board[i][j] != n for i in range(br, br + 2) for j in range(bc, bc + 2))

calls = 0
def solve(board):
    global calls
    calls += 1
    spot = find_empty(board)
    if not spot:
        return True
    r, c = spot
    for n in range(1, 5):
        if valid(board, r, c, n):
            board[r][c] = n
            if solve(board):
                return True
            board[r][c] = 0
    return False

puzzle = [[int(ch) for ch in line] for line in """1000
0020
0300
0004""".split("\n")]
print_board(puzzle)
print("solved" if solve(puzzle) else "impossible", calls)
print_board(puzzle)

def queens(n, placed=()):
    if len(placed) == n:
        yield placed
        return
    for col in range(n):
        if all(col != c and abs(col - c) != len(placed) - r for r, c in enumerate(placed)):
            yield from queens(n, placed + (col,))
solutions = list(queens(6))
print(len(solutions), solutions[0])
for r in solutions[0]:
    print("." * r + "Q" + "." * (5 - r))

def subsets(items):
    if not items: return [[]]
    rest = subsets(items[1:])
    return rest + [[items[0]] + s for s in rest]
print(sorted(subsets([1, 2, 3]), key=lambda s: (len(s), s)))
def knapsack(items, capacity):
    best = {0: 0}
    for weight, value in items:
        for w, v in list(best.items()):
            if w + weight <= capacity and best.get(w + weight, -1) < v + value:
                best[w + weight] = v + value
    return max(best.values())
print(knapsack([(3, 4), (4, 5), (2, 3)], 6))
def lcs(a, b):
    table = [[0] * (len(b) + 1) for _ in range(len(a) + 1)]
    for i in range(1, len(a) + 1):
        for j in range(1, len(b) + 1):
            table[i][j] = table[i-1][j-1] + 1 if a[i-1] == b[j-1] else max(table[i-1][j], table[i][j-1])
    i, j, out = len(a), len(b), []
    while i and j:
        if a[i-1] == b[j-1]:
            out.append(a[i-1]); i -= 1; j -= 1
        elif table[i-1][j] >= table[i][j-1]: i -= 1
        else: j -= 1
    return "".join(out[::-1])
print(lcs("garden", "danger"))
