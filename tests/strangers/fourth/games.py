import sys
BOARD = [' '] * 9
WINS = [(0,1,2),(3,4,5),(6,7,8),(0,3,6),(1,4,7),(2,5,8),(0,4,8),(2,4,6)]

def show():
    for r in range(0, 9, 3):
        print(' | '.join(BOARD[r:r+3]))
        if r < 6: print('--+---+--')

def winner():
    for a, b, c in WINS:
        if BOARD[a] == BOARD[b] == BOARD[c] != ' ':
            return BOARD[a]
    return 'draw' if ' ' not in BOARD else None

def main():
    player = 'X'
    while not winner():
        move = input(f'{player} > ')
        try:
            i = int(move) - 1
            if not 0 <= i <= 8 or BOARD[i] != ' ': raise ValueError
        except ValueError:
            print('bad move', file=sys.stderr)
            continue
        BOARD[i] = player
        player = 'O' if player == 'X' else 'X'
    show()
    print('Result:', winner())
    return 0

sys.exit(main())
