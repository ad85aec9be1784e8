def print_board(board):
    for i, row in enumerate(board):
        print(" | ".join(row))
        if i < len(board) - 1:
            print("--+---+--")

def winner(b):
    lines = [b[0], b[1], b[2]]
    lines += [[b[r][c] for r in range(3)] for c in range(3)]
    lines.append([b[i][i] for i in range(3)])
    lines.append([b[i][2 - i] for i in range(3)])
    for line in lines:
        if line[0] != " " and all(cell == line[0] for cell in line):
            return line[0]
    return None

board = [[" "] * 3 for _ in range(3)]
moves = [(0, 0), (1, 1), (0, 1), (2, 2), (0, 2)]
player = "X"
for r, c in moves:
    if board[r][c] != " ":
        print("taken")
        continue
    board[r][c] = player
    player = "O" if player == "X" else "X"
    if (w := winner(board)):
        print_board(board)
        print(w, "wins!")
        break
else:
    print("draw")
