# Noughts and crosses, two players, from the keyboard
def show(b):
    for r in range(3):
        print(" " + " | ".join(b[r]))
        if r < 2: print("---+---+---")

def won(b, m):
    lines = b + [list(c) for c in zip(*b)] + [[b[i][i] for i in range(3)], [b[i][2 - i] for i in range(3)]]
    return [m] * 3 in lines

board = [[" "] * 3 for _ in range(3)]
player, turns = "X", 0
while turns < 9:
    show(board)
    move = input(player + " moves (row,col): ")
    try:
        row, col = (int(n) - 1 for n in move.split(","))
        if board[row][col] != " ":
            print("Taken!")
            continue
        board[row][col] = player
    except (ValueError, IndexError):
        print("Not a square.")
        continue
    turns += 1
    if won(board, player):
        show(board)
        print(player, "wins in", turns, "turns")
        break
    player = "O" if player == "X" else "X"
else:
    print("A draw")
