size = 3
board = [[" " for _ in range(size)] for _ in range(size)]
moves = [(0, 0), (1, 1), (0, 1), (0, 0), (2, 2), (0, 2), (5, 1)]


def show(board):
    print("   " + "   ".join(str(i) for i in range(size)))
    for r, row in enumerate(board):
        print(r, " | ".join(row).center(11))
        if r < size - 1:
            print("  ---+---+---")


def winner(board):
    lines = board[:]
    lines += [[board[r][c] for r in range(size)] for c in range(size)]
    lines.append([board[i][i] for i in range(size)])
    lines.append([board[i][size - 1 - i] for i in range(size)])
    for line in lines:
        if line[0] != " " and line.count(line[0]) == size:
            return line[0]
    return None


player = "X"
for r, c in moves:
    try:
        if board[r][c] != " ":
            print(f"({r}, {c}) is taken")
            continue
    except IndexError:
        print("off the board")
        continue
    board[r][c] = player
    if winner(board):
        print(player, "wins")
        break
    player = "O" if player == "X" else "X"
else:
    print("no winner yet")
show(board)
print(sum(row.count(" ") for row in board), "free")
