board = ["." * 8 for _ in range(8)]
def safe(queens, row, col):
    return all(c != col and abs(c - col) != row - r for r, c in enumerate(queens))
def solve(queens=()):
    row = len(queens)
    if row == 8:
        return [queens]
    return [s for col in range(8) if safe(queens, row, col) for s in solve(queens + (col,))]
solutions = solve()
print(len(solutions), solutions[0])
for c in solutions[0]:
    print("." * c + "Q" + "." * (7 - c))
