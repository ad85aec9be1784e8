board = [[" "] * 3 for _ in range(3)]

def draw():
    for r in range(3):
        print(" " + " | ".join(board[r]))
        if r < 2:
            print("---+---+---")

def winner():
    lines = board + [list(c) for c in zip(*board)]
    lines.append([board[i][i] for i in range(3)])
    lines.append([board[i][2 - i] for i in range(3)])
    for line in lines:
        if line[0] != " " and line.count(line[0]) == 3:
            return line[0]
    return None

player = "X"
moves = 0
while winner() is None and moves < 9:
    draw()
    try:
        row, col = map(int, input(f"{player} row col: ").split())
        assert board[row][col] == " "
    except (ValueError, IndexError, AssertionError):
        print("not possible")
        continue
    board[row][col] = player
    player = "O" if player == "X" else "X"
    moves += 1
draw()
print(winner() or "nobody", "wins after", moves)
