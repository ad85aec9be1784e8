from functools import total_ordering
import copy

@total_ordering
class Money:
    __slots__ = ("pence",)
    def __init__(self, pounds=0, pence=0):
        self.pence = pounds * 100 + pence
    @classmethod
    def parse(cls, text):
        p, _, q = text.partition(".")
        return cls(int(p), int(q or 0))
    @property
    def pounds(self):
        return self.pence // 100
    @staticmethod
    def zero():
        return Money()
    def __add__(self, other):
        if not isinstance(other, Money):
            return NotImplemented
        return Money(pence=self.pence + other.pence)
    __radd__ = __add__
    def __mul__(self, k):
        return Money(pence=self.pence * k)
    def __eq__(self, other):
        return self.pence == other.pence
    def __lt__(self, other):
        return self.pence < other.pence
    def __bool__(self):
        return self.pence != 0
    def __str__(self):
        return f"£{self.pounds}.{self.pence % 100:02}"

class Matrix:
    def __init__(self, rows):
        self.rows = [list(r) for r in rows]
    def __getitem__(self, key):
        r, c = key
        return self.rows[r][c]
    def __setitem__(self, key, value):
        r, c = key
        self.rows[r][c] = value
    def __matmul__(self, other):
        return Matrix([[sum(a * b for a, b in zip(row, col)) for col in zip(*other.rows)] for row in self.rows])
    def __eq__(self, other):
        return self.rows == other.rows
    def __str__(self):
        return "\n".join(" ".join(f"{x:3}" for x in row) for row in self.rows)
    def __neg__(self):
        return Matrix([[-x for x in r] for r in self.rows])

a, b = Money(3, 5), Money.parse("2.50")
print(a, b, a + b, a * 3, a > b, a >= b, bool(Money.zero()), max(a, b), sorted([a, b])[0])
print("yes" if Money() else "no", a == Money(3, 5), a != b)
m = Matrix([(1, 2), (3, 4)])
m[0, 1] = 7
print(m @ Matrix([[1, 0], [0, 1]]) == m, m[0, 1])
print(-m)
n = copy.deepcopy(m)
n[0, 0] = 100
print(m[0, 0], n[0, 0], m == n, m is n)
