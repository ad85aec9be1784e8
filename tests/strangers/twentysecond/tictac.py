class Board:
    LINES = [(0,1,2),(3,4,5),(6,7,8),(0,3,6),(1,4,7),(2,5,8),(0,4,8),(2,4,6)]
    def __init__(self, cells=None):
        self.cells = list(cells) if cells else [' '] * 9
    def show(self):
        rows = ['|'.join(self.cells[i:i+3]) for i in range(0, 9, 3)]
        print('\n-+-+-\n'.join(rows))
    def winner(self):
        for a, b, c in self.LINES:
            if self.cells[a] == self.cells[b] == self.cells[c] != ' ':
                return self.cells[a]
        return None
    def free(self):
        return [i for i, c in enumerate(self.cells) if c == ' ']
    def play(self, i, who):
        new = Board(self.cells)
        new.cells[i] = who
        return new
    def full(self):
        return ' ' not in self.cells

def other(p):
    return 'O' if p == 'X' else 'X'

calls = 0
def minimax(board, me, turn, alpha=-2, beta=2):
    global calls
    calls += 1
    w = board.winner()
    if w:
        return (1 if w == me else -1), None
    if board.full():
        return 0, None
    best_move = None
    best = -2 if turn == me else 2
    for m in board.free():
        score, _ = minimax(board.play(m, turn), me, other(turn), alpha, beta)
        if turn == me and score > best:
            best, best_move = score, m
            alpha = max(alpha, best)
        elif turn != me and score < best:
            best, best_move = score, m
            beta = min(beta, best)
        if alpha >= beta:
            break
    return best, best_move

board = Board('XO  X    ')
turn = 'O'
while board.winner() is None and not board.full():
    score, move = minimax(board, turn, turn)
    print(f'{turn} plays {move} ({score:+d})')
    board = board.play(move, turn)
    turn = other(turn)
board.show()
print('Winner:', board.winner() or 'nobody', calls > 10)
