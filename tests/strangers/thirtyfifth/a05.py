def is_valid(board, row, col):
    for r in range(row):
        c = board[r]
        if c == col or abs(c - col) == row - r:
            return False
    return True

def solve(n, row=0, board=None, found=None):
    if board is None:
        board = [-1] * n
    if found is None:
        found = []
    if row == n:
        found.append(board[:])
        return found
    for col in range(n):
        if is_valid(board, row, col):
            board[row] = col
            solve(n, row + 1, board, found)
            board[row] = -1
    return found

def show(board):
    n = len(board)
    for c in board:
        print(' '.join('Q' if i == c else '.' for i in range(n)))
    print()

for n in range(1, 7):
    s = solve(n)
    print("n = %d: %d way%s" % (n, len(s), "" if len(s) == 1 else "s"))
show(solve(6)[0])
