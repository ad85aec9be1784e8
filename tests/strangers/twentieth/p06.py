board = [[" " for _ in range(3)] for _ in range(3)]

def draw():
    for r, row in enumerate(board):
        print(" | ".join(row))
        if r < 2:
            print("--+---+--")

def winner():
    lines = board + [list(c) for c in zip(*board)]
    lines.append([board[i][i] for i in range(3)])
    lines.append([board[i][2 - i] for i in range(3)])
    for line in lines:
        if line[0] != " " and all(c == line[0] for c in line):
            return line[0]
    if all(c != " " for row in board for c in row):
        return "draw"
    return None

moves = [(0, 0), (1, 1), (0, 1), (1, 1), (0, 2), (2, 2)]
player = "X"
for r, c in moves:
    try:
        if board[r][c] != " ":
            raise ValueError(f"({r}, {c}) is taken")
        board[r][c] = player
    except ValueError as err:
        print("Invalid:", err)
        continue
    result = winner()
    if result:
        draw()
        print(f"{result} wins!" if result != "draw" else "It's a draw")
        break
    player = "O" if player == "X" else "X"
else:
    print("not over")
