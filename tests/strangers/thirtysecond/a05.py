# Noughts and crosses, played by two lists of moves
BOARD_SIZE = 3


def new_board():
    return [[" " for _ in range(BOARD_SIZE)] for _ in range(BOARD_SIZE)]


def draw(board):
    line = "\n" + "+".join(["---"] * BOARD_SIZE) + "\n"
    print(line.join("|".join(f" {cell} " for cell in row) for row in board))


def lines(board):
    for row in board:
        yield row
    for col in zip(*board):
        yield list(col)
    yield [board[i][i] for i in range(BOARD_SIZE)]
    yield [board[i][~i] for i in range(BOARD_SIZE)]


def winner(board):
    for line in lines(board):
        if line[0] != " " and len(set(line)) == 1:
            return line[0]
    return None


def play(moves):
    board = new_board()
    players = "XO"
    for turn, move in enumerate(moves):
        r, c = divmod(move - 1, BOARD_SIZE)
        if not (0 <= r < BOARD_SIZE) or board[r][c] != " ":
            print("Bad move", move)
            continue
        board[r][c] = players[turn % 2]
        if (w := winner(board)):
            draw(board)
            print(w, "wins after", turn + 1, "moves")
            break
    else:
        draw(board)
        print("A draw" if all(cell != " " for row in board for cell in row) else "Not finished")


play([1, 4, 2, 5, 3])
play([1, 2, 3, 5, 4, 6, 8, 7, 9])
play([1, 1, 12])
