# Noughts and crosses
WINS = [(0,1,2),(3,4,5),(6,7,8),(0,3,6),(1,4,7),(2,5,8),(0,4,8),(2,4,6)]

def show(board):
    for r in range(0, 9, 3):
        print(" | ".join(board[r:r+3]))
        if r < 6:
            print("--+---+--")

def winner(board):
    for a, b, c in WINS:
        if board[a] == board[b] == board[c] != " ":
            return board[a]
    return "draw" if " " not in board else None

def minimax(board, player, me):
    w = winner(board)
    if w: return {me: 1, "draw": 0}.get(w, -1), None
    best = None
    for i in range(9):
        if board[i] == " ":
            board[i] = player
            score, _ = minimax(board, "O" if player == "X" else "X", me)
            board[i] = " "
            if best is None or (score > best[0] if player == me else score < best[0]):
                best = (score, i)
    return best

board = list("X O  X O ")
show(board)
player = "X"
while not (w := winner(board)):
    score, move = minimax(board, player, player)
    board[move] = player
    print(f"{player} plays {move} ({score:+d})")
    player = "O" if player == "X" else "X"
show(board)
print("Result:", w)
