import random
import math
from collections import namedtuple, OrderedDict, Counter

Card = namedtuple("Card", ["rank", "suit"])


class Deck:
    ranks = [str(n) for n in range(2, 11)] + list("JQKA")
    suits = "spades diamonds clubs hearts".split()

    def __init__(self):
        self._cards = [Card(rank, suit) for suit in self.suits for rank in self.ranks]

    def __len__(self):
        return len(self._cards)

    def __getitem__(self, position):
        return self._cards[position]

    def __setitem__(self, position, card):
        self._cards[position] = card


deck = Deck()
print(len(deck), deck[0], deck[-1].suit, deck[12:15])
print(Card("2", "hearts") in deck, [c.rank for c in deck[::13]])
order = dict(spades=3, hearts=2, diamonds=1, clubs=0)


def high(card):
    return Deck.ranks.index(card.rank) * len(order) + order[card.suit]


for card in sorted(deck, key=high)[:3]:
    print(card.rank, card.suit)
random.seed(1)
hand = random.sample(range(10), 3)
print(len(hand), all(0 <= h < 10 for h in hand), len(set(hand)))


class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]

    @classmethod
    def identity(cls, n):
        return cls([[int(i == j) for j in range(n)] for i in range(n)])

    @property
    def shape(self):
        return len(self.rows), len(self.rows[0])

    def __matmul__(self, other):
        if self.shape[1] != other.shape[0]:
            raise ValueError(f"shapes {self.shape} and {other.shape} do not fit")
        return Matrix([[sum(a * b for a, b in zip(row, col)) for col in zip(*other.rows)] for row in self.rows])

    def __eq__(self, other):
        return self.rows == other.rows

    def __str__(self):
        width = max(len(str(x)) for row in self.rows for x in row)
        return "\n".join(" ".join(f"{x:>{width}}" for x in row) for row in self.rows)

    def transpose(self):
        return Matrix(zip(*self.rows))


m = Matrix([[1, 2], [3, 40]])
print(m @ m, m.shape, m @ Matrix.identity(2) == m, m.transpose().rows, sep="\n")
try:
    m @ Matrix([[1, 2, 3]])
except ValueError as e:
    print("error:", e)


def bisect(f, lo, hi, eps=1e-6):
    while hi - lo > eps:
        mid = (lo + hi) / 2
        if f(lo) * f(mid) <= 0:
            hi = mid
        else:
            lo = mid
    return (lo + hi) / 2


print(round(bisect(lambda x: x ** 2 - 2, 0, 2), 4), round(math.sqrt(2), 4))


def rle(s):
    out = []
    for ch in s:
        if out and out[-1][0] == ch:
            out[-1][1] += 1
        else:
            out.append([ch, 1])
    return "".join(f"{c}{n if n > 1 else ''}" for c, n in out)


print(rle("aaabccd"), rle(""))


def anagrams(words):
    groups = {}
    for w in words:
        groups.setdefault("".join(sorted(w)), []).append(w)
    return [sorted(g) for g in groups.values() if len(g) > 1]


print(anagrams(["tea", "ate", "pot", "top", "eat", "dog"]))
od = OrderedDict([("b", 1), ("a", 2)])
od.move_to_end("b")
print(list(od.items()))


def knapsack(items, limit):
    best = [0] * (limit + 1)
    for weight, value in items:
        for w in range(limit, weight - 1, -1):
            best[w] = max(best[w], best[w - weight] + value)
    return best[limit]


print(knapsack([(3, 4), (4, 5), (7, 10)], 10))


def lcs(a, b):
    t = [[""] * (len(b) + 1) for _ in range(len(a) + 1)]
    for i, x in enumerate(a, 1):
        for j, y in enumerate(b, 1):
            t[i][j] = t[i - 1][j - 1] + x if x == y else max(t[i - 1][j], t[i][j - 1], key=len)
    return t[-1][-1]


print(lcs("garden", "danger"))


def queens(n, row=0, cols=()):
    if row == n:
        return 1
    return sum(queens(n, row + 1, cols + (c,)) for c in range(n) if all(c != k and abs(c - k) != row - r for r, k in enumerate(cols)))


print([queens(n) for n in range(1, 7)])
maze = ["#####", "#S..#", "#.#.#", "#..E#", "#####"]


def solve(maze):
    for y, line in enumerate(maze):
        if "S" in line:
            start = (y, line.index("S"))
    todo, seen = [(start, 0)], {start}
    while todo:
        (y, x), d = todo.pop(0)
        if maze[y][x] == "E":
            return d
        for dy, dx in ((0, 1), (1, 0), (0, -1), (-1, 0)):
            n = (y + dy, x + dx)
            if maze[n[0]][n[1]] != "#" and n not in seen:
                seen.add(n)
                todo.append((n, d + 1))
    return None


print(solve(maze))
text = "the cat and the hat and the bat"
c = Counter(text.split())
print(c.most_common(2), c["the"], sorted(c, key=lambda w: (-c[w], w))[:3])
bars = {w: "*" * n for w, n in c.items() if n > 1}
for w, b in bars.items():
    print(f"{w:<5}|{b}")
print(*sorted(set(text.replace(" ", ""))), sep="")
nums = [4, 8, 15, 16, 23, 42]
mean = sum(nums) / len(nums)
var = sum((x - mean) ** 2 for x in nums) / len(nums)
print(f"{mean:.2f} {var ** 0.5:.2f} {sorted(nums)[len(nums) // 2]} {max(nums) - min(nums)}")
print(f"{'Name':^10}|{'Score':>7}", *(f"{n:^10}|{s:>7.1f}" for n, s in [("Ash", 9.25), ("Bo", 10)]), sep="\n")
