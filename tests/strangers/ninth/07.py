board = [["." for _ in range(3)] for _ in range(3)]
moves = [(0, 0), (1, 1), (0, 1), (2, 2), (0, 2)]
def winner(b):
    lines = b + [list(c) for c in zip(*b)] + [[b[i][i] for i in range(3)], [b[i][2 - i] for i in range(3)]]
    for line in lines:
        if line[0] != "." and len(set(line)) == 1:
            return line[0]
    return None
player = "X"
for r, c in moves:
    board[r][c] = player
    if winner(board):
        print(f"{player} wins!")
        break
    player = "O" if player == "X" else "X"
else:
    print("draw")
for row in board: print(" ".join(row))
