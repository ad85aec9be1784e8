import random
random.seed(4)
board = [" "] * 9
WINS = [(0,1,2),(3,4,5),(6,7,8),(0,3,6),(1,4,7),(2,5,8),(0,4,8),(2,4,6)]
def show():
    for i in range(0, 9, 3):
        print(" " + " | ".join(board[i:i+3]))
        if i < 6: print("---+---+---")
def winner():
    for a, b, c in WINS:
        if board[a] == board[b] == board[c] != " ":
            return board[a]
    return None
def minimax(player):
    w = winner()
    if w == "X": return 1, None
    if w == "O": return -1, None
    free = [i for i, v in enumerate(board) if v == " "]
    if not free: return 0, None
    best = None
    for move in free:
        board[move] = player
        score, _ = minimax("O" if player == "X" else "X")
        board[move] = " "
        if best is None or (player == "X" and score > best[0]) or (player == "O" and score < best[0]):
            best = (score, move)
    return best
board[0] = "X"; board[4] = "O"; board[8] = "X"
turn = "O"
while winner() is None and " " in board:
    score, move = minimax(turn)
    board[move] = turn
    print(f"{turn} plays {move} (score {score})")
    turn = "XO"[turn == "X"]
show()
print("Winner:", winner() or "nobody")
