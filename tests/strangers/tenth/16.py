from typing import List, Dict, Optional

Board = List[List[str]]
WINS = [(0, 1, 2), (3, 4, 5), (6, 7, 8), (0, 3, 6), (1, 4, 7), (2, 5, 8), (0, 4, 8), (2, 4, 6)]


def new_board() -> List[str]:
    return [" "] * 9


def show(board: List[str]) -> None:
    for i in range(0, 9, 3):
        print(" | ".join(board[i:i + 3]))
        if i < 6:
            print("--+---+--")


def winner(board: List[str]) -> Optional[str]:
    for a, b, c in WINS:
        if board[a] == board[b] == board[c] != " ":
            return board[a]
    return None


def moves(board):
    return [i for i, c in enumerate(board) if c == " "]


def minimax(board, player, cache: Dict[str, int] = {}):
    key = "".join(board) + player
    if key in cache:
        return cache[key]
    won = winner(board)
    if won == "X":
        return 1
    if won == "O":
        return -1
    free = moves(board)
    if not free:
        return 0
    scores = []
    for m in free:
        board[m] = player
        scores.append(minimax(board, "O" if player == "X" else "X"))
        board[m] = " "
    result = max(scores) if player == "X" else min(scores)
    cache[key] = result
    return result


def best_move(board, player):
    best = None
    best_score = float("-inf") if player == "X" else float("inf")
    for m in moves(board):
        board[m] = player
        score = minimax(board, "O" if player == "X" else "X")
        board[m] = " "
        if (player == "X" and score > best_score) or (player == "O" and score < best_score):
            best, best_score = m, score
    return best


board = new_board()
board[0] = "X"
player = "O"
while not winner(board) and moves(board):
    board[best_move(board, player)] = player
    player = "X" if player == "O" else "O"
show(board)
print("winner:", winner(board))
